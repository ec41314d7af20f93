<script setup lang="ts">
import type { FaceFacts } from '#core/suitability/face'
import type { JobFacts } from '#core/suitability/job'
import { mendMishap, MISHAPS } from '#core/plan/mishaps'
import { itemOf } from '#shared/kitItem'
import type { OwnedProduct } from '#shared/records/kit'
import { planSettings } from '#shared/planSettings'
import { today } from '#shared/today'

/** At the chair: what happened, and what to do about it with what is here. */
const props = defineProps<{ facts: FaceFacts; job: JobFacts; own: readonly OwnedProduct[] }>()
const kit = useKit()
const plans = usePlans()
const settings = useSettings()
const open = ref(false)
const id = ref<string>()
const items = computed(() => [...kit.products.filter(p => !p.retiredAt && p.level > 0), ...props.own].map(itemOf))
const steps = computed(() => {
  const mishap = MISHAPS.find(m => m.id === id.value)
  return mishap
    ? mendMishap(
        mishap,
        items.value,
        props.facts,
        props.job,
        planSettings(settings.value, plans.tests, kit.apart, today()),
      )
    : []
})
</script>

<template>
  <v-btn color="primary" variant="text" @click="open = true">It went wrong …</v-btn>
  <v-dialog v-model="open" max-width="620" scrollable aria-label="It went wrong">
    <v-card>
      <div class="wrong">
        <h2>What happened?</h2>
        <Choices
          v-model="id"
          label="What happened"
          :options="MISHAPS.map(m => ({ value: m.id, text: m.name }))"
          hide-label
        />
        <ol v-if="steps.length > 0" aria-live="polite">
          <li v-for="step in steps" :key="step.text">{{ step.text }}</li>
        </ol>
        <p v-else class="small">Touch what happened: the steps use what is in this kit and may go on this face.</p>
        <v-btn variant="text" @click="open = false">Close</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.wrong {
  display: grid;
  gap: 14px;
  padding: 22px 24px;
}
ol {
  margin: 0;
  padding-left: 22px;
  font-size: 1.15rem;
  display: grid;
  gap: 10px;
}
</style>
