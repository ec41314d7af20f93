<script setup lang="ts">
import { MISHAPS } from '#core/plan/mishaps'
import type { OccasionInput } from '#shared/records/method/consultation'
import { api } from '~/asking/api'

/** At the chair: what happened, and what to do about it with what is here. */
const props = defineProps<{ faceId: string; occasion: OccasionInput }>()
const open = ref(false)
const id = ref<string>()
const { value: steps, problem } = useAsked(
  () => id.value ?? null,
  (mishap, signal) => {
    const body = { mishap, occasion: { ...props.occasion } }
    return api('post', '/api/faces/:id/mishap', { id: props.faceId }, { body, quiet: true, signal })
  },
  { afterActs: false, fresh: true },
)
</script>

<template>
  <v-btn color="primary" variant="text" @click="open = true">It went wrong …</v-btn>
  <FormDialog v-model="open" label="It went wrong">
    <div class="form">
      <h2>What happened?</h2>
      <Choices v-model="id" label="What happened" :options="MISHAPS.map(m => [m.id, m.name] as const)" hide-label />
      <ol v-if="steps && steps.length > 0" aria-live="polite">
        <li v-for="step in steps" :key="step.text">{{ step.text }}</li>
      </ol>
      <p v-else-if="problem" role="alert">{{ problem }}</p>
      <p v-else class="small">Touch what happened: the steps use what is in this kit and may go on this face.</p>
      <v-btn variant="text" @click="open = false">Close</v-btn>
    </div>
  </FormDialog>
</template>

<style scoped>
ol {
  margin: 0;
  padding-left: 22px;
  font-size: 1.15rem;
  display: grid;
  gap: 10px;
}
</style>
