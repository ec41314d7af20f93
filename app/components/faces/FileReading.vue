<script setup lang="ts">
import { averageShots } from '#core/reading/average'
import { FileProblem, readMeasurements, type Sample } from '#core/reading/measurementFile'
import type { Reading } from '#core/reading/reading'
import { INSTRUMENT_FLOOR } from '#shared/meter'
import { axisColumns, type Column } from '~/words/columns'

/** Measured colours from a file: CGATS text or CSV, Lab or spectra; the rows that belong to this skin are averaged. */
const emit = defineEmits<{ reading: [reading: Reading | null, note: string] }>()
const samples = ref<Sample[]>([])
const taken = ref<ReadonlySet<number>>(new Set())
const problem = ref('')
const fileName = ref('')
const MOST_BYTES = 2_000_000

const average = computed(() => {
  const shots = samples.value.filter((_, i) => taken.value.has(i)).map(s => s.lab)
  return shots.length > 0 ? averageShots(shots, INSTRUMENT_FLOOR) : null
})
watch(average, a =>
  emit(
    'reading',
    a,
    `${fileName.value}: ${samples.value
      .filter((_, i) => taken.value.has(i))
      .map(s => s.name)
      .join(', ')}`,
  ),
)

async function open(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  problem.value = ''
  fileName.value = file.name
  try {
    if (file.size > MOST_BYTES) throw new FileProblem(0, 'The file is larger than 2 MB: export only the measurements.')
    samples.value = readMeasurements(await file.text())
    taken.value = new Set(samples.value.length <= 5 ? samples.value.keys() : [0])
  } catch (e) {
    if (!(e instanceof FileProblem)) throw e
    problem.value = e.message
    samples.value = []
    taken.value = new Set()
  }
}
function toggle(i: number) {
  const next = new Set(taken.value)
  if (!next.delete(i)) next.add(i)
  taken.value = next
}
const COLUMNS: Column<Sample>[] = [
  { key: 'take', text: 'Take', unseen: true },
  { key: 'row', text: 'Row', of: s => s.name + (s.reflectance ? ', spectrum' : '') },
  ...axisColumns((s: Sample) => s.lab),
  { key: 'colour', text: 'Colour', unseen: true },
]
</script>

<template>
  <div class="flow">
    <label class="small"
      >CGATS text or CSV, Lab or spectra
      <input type="file" accept=".txt,.csv,.cgats,.tsv,text/plain,text/csv" @change="open" />
    </label>
    <p v-if="problem" role="alert">
      <b>{{ problem }}</b>
    </p>
    <Ledger
      v-if="samples.length > 0"
      caption="Take the rows that are this skin; they are averaged."
      seen-caption
      :columns="COLUMNS"
      :lines="samples.slice(0, 50)"
    >
      <template #take="{ line, index }">
        <v-checkbox-btn
          :model-value="taken.has(index)"
          :aria-label="`Take ${line.name}`"
          @update:model-value="toggle(index)"
        />
      </template>
      <template #colour="{ line }"><Swatch :lab="line.lab" :size="34" /></template>
    </Ledger>
    <p v-if="samples.length > 50" class="small">The first 50 of {{ samples.length }} rows are shown.</p>
  </div>
</template>

<style scoped>
p {
  margin: 0;
}
</style>
