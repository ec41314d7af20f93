<script setup lang="ts">
import { DAY_MS } from '#core/time'
import { Chart, LinearScale, LineController, LineElement, PointElement, Tooltip, type ChartOptions } from 'chart.js'
import { Line } from 'vue-chartjs'
import { skinPlace } from '#core/complexion/skins/skin'
import type { FaceReading } from '#shared/records/people/faces'
import { isAhead } from '#shared/today'
import type { Column } from '~/words/columns'

/** How the skin drifts: depth at one site over time, readings with a tan on apart; with its table twin. */
const props = defineProps<{ readings: readonly FaceReading[]; theme: string }>()
Chart.register(LineController, LineElement, PointElement, LinearScale, Tooltip)

const rows = computed(() =>
  // When one was taken by a clock that was ahead is not known: it has no place in time.
  [...props.readings]
    .reverse()
    .filter(r => !isAhead(r.takenAt))
    .map(r => ({
      at: Date.parse(r.takenAt),
      when: momentInWords(r.takenAt),
      depth: skinPlace(r.lab).depth,
      place: placeInWords(r.lab),
      tanned: r.tanned,
      site: r.site,
    })),
)
const first = computed(() => rows.value[0]?.at ?? 0)
const ink = computed(() => (props.theme === 'wings' ? '#ececec' : '#1a1a1a'))
const point = (r: (typeof rows.value)[number]) => ({ x: (r.at - first.value) / DAY_MS, y: r.depth })
const data = computed(() => ({
  datasets: [
    {
      label: 'skin',
      data: rows.value.filter(r => !r.tanned).map(point),
      borderColor: ink.value,
      backgroundColor: ink.value,
      borderWidth: 2,
      pointRadius: 5,
    },
    {
      label: 'with a tan on',
      data: rows.value.filter(r => r.tanned).map(point),
      showLine: false,
      borderColor: ink.value,
      backgroundColor: 'transparent',
      pointRadius: 6,
      pointStyle: 'triangle' as const,
    },
  ],
}))
const options = computed<ChartOptions<'line'>>(() => ({
  responsive: true,
  maintainAspectRatio: false,
  animation: false,
  scales: {
    x: {
      type: 'linear',
      title: { display: true, text: 'days since the first reading', color: ink.value },
      ticks: { color: ink.value },
      grid: { display: false },
    },
    y: {
      type: 'linear',
      reverse: false,
      title: { display: true, text: 'depth', color: ink.value },
      ticks: { color: ink.value },
      grid: { color: props.theme === 'wings' ? '#3a3a3a' : '#cfcfcf' },
    },
  },
}))
const COLUMNS: Column<(typeof rows.value)[number]>[] = [
  { key: 'when', text: 'When', of: r => r.when },
  { key: 'site', text: 'Site', of: r => r.site + (r.tanned ? ', tan on' : '') },
  { key: 'depth', text: 'Depth', class: 'num', of: r => r.depth.toFixed(1) },
  { key: 'place', text: 'Sits at', of: r => r.place },
]
</script>

<template>
  <section aria-label="How the skin drifts">
    <div class="chart">
      <Line
        :data="data"
        :options="options"
        :aria-label="`Depth over time: ${rows.map(r => `${r.when} ${r.depth.toFixed(1)}`).join('; ')}`"
      />
    </div>
    <Ledger caption="Readings over time" :columns="COLUMNS" :lines="rows" />
  </section>
</template>

<style scoped>
.chart {
  height: 170px;
}
</style>
