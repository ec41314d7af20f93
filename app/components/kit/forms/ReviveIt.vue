<script setup lang="ts">
import type { Revival } from '#shared/records/kit/things'
import { ReviveInput } from '#shared/records/kit/kit'
import { plain } from '#shared/checks/validate'
import { api } from '~/asking/api'

/** What has dried in its pot: whether it comes back, with what, how often, and when no more. */
const { id, name, measure, revival } = defineProps<{
  id: string
  name: string
  measure: string
  revival: Revival
}>()
const { at, submit, problem, busy } = useForm(ReviveInput)
const values = reactive({ mediumFillId: revival.media[0]?.fillId ?? '', amount: revival.most })
const save = () => submit(values, input => api('post', '/api/units/:id/revive', { id }, { body: plain(input) }))
</script>

<template>
  <section aria-labelledby="revive">
    <h2 id="revive">If it has dried</h2>
    <p v-if="revival.refused" class="small">{{ capital(revival.refused) }}.</p>
    <template v-else>
      <p class="small">
        With a medium on {{ revival.bases[0] === 'oil' ? 'an oil' : `a ${revival.bases.join(' or ')}` }} base, at most
        {{ revival.most }} {{ measure
        }}{{ revival.times > 0 ? `; it was revived ${revival.times === 1 ? 'once' : `${revival.times} times`}` : '' }}.
      </p>
      <ul class="small">
        <li v-for="h in revival.how" :key="h">{{ capital(h) }}.</li>
      </ul>
      <p v-if="revival.media.length === 0" class="small">The kit holds no such medium.</p>
      <form v-else class="pair no-print" novalidate @submit.prevent="save">
        <v-select
          v-model="values.mediumFillId"
          label="With"
          :items="revival.media.map(m => ({ value: m.fillId, title: m.name }))"
          :error-messages="at('mediumFillId')"
        />
        <NumberField v-model="values.amount" label="How much, ml" :error-messages="at('amount')" />
        <v-btn type="submit" variant="outlined" :loading="busy" :aria-label="`${name} is revived`">It is revived</v-btn>
        <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
      </form>
    </template>
  </section>
</template>

<style scoped>
.pair {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 120px auto;
  gap: 12px;
  align-items: start;
}
ul {
  margin: 4px 0 8px;
  padding-left: 18px;
}
@media (max-width: 760px) {
  .pair {
    grid-template-columns: 1fr;
  }
}
</style>
