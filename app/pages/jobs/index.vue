<script setup lang="ts">
import { today } from '#shared/today'
import { dayInWords } from '~/words/words'

useHead({ title: 'Jobs · Varietas' })
const jobs = useJobs()
const open = ref('add' in useRoute().query)
const search = ref('')
const shown = computed(() => {
  const words = search.value.toLowerCase().split(/\s+/).filter(Boolean)
  return jobs.lines.filter(j => words.every(w => `${j.name} ${j.place} ${j.type}`.toLowerCase().includes(w)))
})
const next = computed(() => jobs.lines.find(j => j.day !== null && j.day >= today()))
const isPast = (day: string | null) => day !== null && day < today()
async function added(id: string | null) {
  open.value = false
  if (id) await navigateTo(`/jobs/${id}`)
}
</script>

<template>
  <div>
    <header class="page-head">
      <div>
        <h1 data-testid="answer">
          {{
            next
              ? `Next: ${next.name}, ${dayInWords(next.day!)}.`
              : jobs.lines.length === 0
                ? 'No jobs yet.'
                : 'Nothing coming.'
          }}
        </h1>
        <p class="lead">
          {{
            next
              ? `${plural(next.faces, 'face')} booked for it; ${plural(jobs.lines.length, 'day')} written down in all.`
              : 'A name and a day are enough; who is booked and what the day asks come next.'
          }}
        </p>
      </div>
      <v-btn color="primary" variant="flat" @click="open = true">Add a job</v-btn>
    </header>
    <template v-if="jobs.lines.length > 0">
      <v-text-field v-model="search" class="find no-print" label="Search jobs" clearable @click:clear="search = ''" />
      <p v-if="shown.length === 0" role="status">
        No job fits. <button class="act" type="button" @click="search = ''">Show all</button>
      </p>
      <table v-else class="ledger">
        <caption class="visually-hidden">
          Jobs
        </caption>
        <thead>
          <tr>
            <th>Job</th>
            <th>Day</th>
            <th class="wide">Place</th>
            <th class="wide">Type</th>
            <th class="num">Faces</th>
          </tr>
        </thead>
        <tbody>
          <Guard v-for="job in shown" :key="job.id" :what="job.name" row>
            <tr :class="{ past: isPast(job.day) }">
              <td class="free">
                <NuxtLink :to="`/jobs/${job.id}`" class="name">{{ job.name }}</NuxtLink>
              </td>
              <td>{{ job.day ? dayInWords(job.day) : 'no day yet' }}</td>
              <td class="wide free">{{ job.place }}</td>
              <td class="wide">{{ job.type }}</td>
              <td class="num">{{ job.faces }}</td>
            </tr>
          </Guard>
        </tbody>
      </table>
    </template>
    <v-dialog v-model="open" max-width="720" scrollable aria-label="Job"
      ><v-card><JobForm v-if="open" :job="null" @done="added" /></v-card
    ></v-dialog>
  </div>
</template>

<style scoped>
.find {
  max-width: 260px;
  margin: 14px 0 6px;
}
.past {
  color: var(--muted);
}
</style>
