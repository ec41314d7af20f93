<script setup lang="ts">
import { today } from '#shared/today'
import { dayInWords } from '~/words/words'
import type { Column } from '~/words/columns'

const jobs = useJobs()
const open = ref('add' in useRoute().query)
const calendar = ref(false)
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
const COLUMNS: Column<(typeof jobs.lines)[number]>[] = [
  { key: 'name', text: 'Job', class: 'free', of: j => j.name, sorts: true },
  { key: 'day', text: 'Day', of: j => j.day ?? '', sorts: true },
  { key: 'place', text: 'Place', class: 'wide free', of: j => j.place, sorts: true },
  { key: 'type', text: 'Type', class: 'wide', of: j => j.type, sorts: true },
  { key: 'faces', text: 'Faces', class: 'num', of: j => j.faces, sorts: true },
]
</script>

<template>
  <div>
    <PageHead
      data-testid="answer"
      :title="
        next
          ? `Next: ${next.name}, ${dayInWords(next.day!)}.`
          : jobs.lines.length === 0
            ? 'No jobs yet.'
            : 'Nothing coming.'
      "
      >{{
        next
          ? `${plural(next.faces, 'face')} booked for it; ${plural(jobs.lines.length, 'day')} written down in all.`
          : 'A name and a day are enough; who is booked and what the day asks come next.'
      }}<template #acts
        ><v-btn color="primary" variant="flat" @click="open = true">Add a job</v-btn>
        <v-btn variant="outlined" @click="calendar = true">From a calendar</v-btn>
        <v-btn variant="outlined" to="/jobs/year">The year</v-btn></template
      ></PageHead
    >
    <template v-if="jobs.lines.length > 0">
      <v-text-field v-model="search" class="find no-print" label="Search jobs" clearable @click:clear="search = ''" />
      <p v-if="shown.length === 0" role="status">No job fits. <Act @click="search = ''">Show all</Act></p>
      <Ledger v-else caption="Jobs" :columns="COLUMNS" :lines="shown" :name-of="job => job.name">
        <template #name="{ line }"
          ><NuxtLink :to="`/jobs/${line.id}`" class="name">{{ line.name }}</NuxtLink></template
        >
        <template #day="{ line }"
          ><span :class="{ past: isPast(line.day) }">{{
            line.day ? dayInWords(line.day) : 'no day yet'
          }}</span></template
        >
      </Ledger>
    </template>
    <FormDialog v-model="calendar" label="From a calendar"><LazyFromCalendar @done="calendar = false" /></FormDialog>
    <FormDialog v-model="open" label="Job"><LazyJobForm :job="null" @done="added" /></FormDialog>
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
