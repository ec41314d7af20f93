<script setup lang="ts">
import { UNREAD } from '#core/colour/lab'
import { check } from '#shared/checks/validate'
import { LabDto } from '#shared/compute/parts'
import { spherical, type Reading } from '#core/reading/reading'

/** Lab typed in, with how sure it is. */
const props = defineProps<{ about: string }>()
const emit = defineEmits<{ reading: [reading: Reading | null, note: string] }>()
const lab = ref(UNREAD)
// Standard deviations in L*, a*, b*.
const SPREAD: Record<'measured' | 'about' | 'guess', readonly [number, number, number]> = {
  measured: [0.5, 0.4, 0.4],
  about: [1.5, 1, 1.2],
  guess: [3, 2, 2.5],
}
const sure = ref<keyof typeof SPREAD>('measured')
useDraft(`reading:${props.about}`, reactive({ lab, sure }))

const checked = computed(() => check(LabDto, lab.value))
const errorsAt = (axis: 'L' | 'a' | 'b') =>
  !Number.isFinite(lab.value[axis]) || checked.value.ok
    ? []
    : checked.value.issues.filter(i => i.path === axis).map(i => i.message)
watch(
  [checked, sure],
  () =>
    emit(
      'reading',
      checked.value.ok ? { mean: { ...lab.value }, covariance: spherical(...SPREAD[sure.value]) } : null,
      sure.value,
    ),
  { immediate: true },
)
</script>

<template>
  <div class="flow">
    <LabFields v-model="lab" :errors="errorsAt" />
    <Choices v-model="sure" label="How sure" :options="['measured', 'about', ['guess', 'a guess']]" />
  </div>
</template>
