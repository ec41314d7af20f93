<script setup lang="ts">
import type { Bent } from '#core/schedule/shorter'
import type { Timetable } from '#core/schedule/timetable'
import type { Job } from '#shared/records/days/jobs'

/** What each rule of the morning costs: when the day could begin without it. */
const { plan, bent, nameOf } = defineProps<{
  job: Job
  plan: Timetable
  bent: readonly Bent[]
  busy: boolean
  nameOf: (id: string) => string
}>()
const emit = defineEmits<{ people: [] }>()
const gains = computed(() => bent.filter(b => b.start > plan.start))
const nothing = computed(() => gainless(bent, plan, nameOf))
</script>

<template>
  <section aria-labelledby="bends">
    <h2 id="bends">What bends</h2>
    <ul class="bare lines">
      <li v-for="(one, i) in gains" :key="i">
        <h3>{{ bendInWords(job, one, plan, nameOf).what }}</h3>
        <p>
          {{ bendInWords(job, one, plan, nameOf).price }}
          <Act v-if="one.bend.is === 'artist'" @click="emit('people')">Say who</Act>
        </p>
      </li>
    </ul>
    <p v-if="nothing" class="small free">Gains nothing: {{ nothing }}.</p>
    <p v-if="busy" class="small" role="status">Trying what else there is …</p>
  </section>
</template>
