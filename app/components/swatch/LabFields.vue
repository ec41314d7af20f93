<script setup lang="ts">
import type { Lab } from '#core/colour/lab'

/** Three figures of a colour, typed; one that is empty is not a number. */
defineProps<{ errors: (axis: keyof Lab) => string[] }>()
const lab = defineModel<Lab>({ required: true })
const AXES = ['L', 'a', 'b'] as const
const set = (axis: keyof Lab, figure: number) => {
  lab.value = { ...lab.value, [axis]: figure }
}
</script>

<template>
  <div class="axes">
    <NumberField
      v-for="axis in AXES"
      :key="axis"
      :label="`${axis}*`"
      :model-value="Math.round(lab[axis] * 100) / 100"
      :error-messages="errors(axis)"
      @update:model-value="set(axis, $event)"
    />
  </div>
</template>

<style scoped>
.axes {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 10px;
}
</style>
