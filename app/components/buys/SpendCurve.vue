<script setup lang="ts">
import { Chart, LinearScale, LineController, LineElement, PointElement, type ChartOptions } from 'chart.js'
import { Line } from 'vue-chartjs'
import type { SpendPoint } from '#core/buy/buy'
import type { Column } from '~/words/columns'

/** What each further amount of money buys; a point is chosen on the chart, with the slider or in the table. */
const props = defineProps<{
  points: readonly SpendPoint[]
  chosen: number
  budgetMinor: number
  currency: string
  theme: string
}>()
const emit = defineEmits<{ choose: [index: number] }>()
Chart.register(LineController, LineElement, PointElement, LinearScale)
Chart.defaults.font.family = '"Instrument Sans Variable", sans-serif'

const ink = computed(() => (props.theme === 'wings' ? '#ececec' : '#1a1a1a'))
const accent = computed(() => (props.theme === 'wings' ? '#6cc0ca' : '#0f5963'))
const data = computed(() => ({
  datasets: [
    {
      data: props.points.map(p => ({ x: p.spend / 100, y: p.reach * 100 })),
      stepped: true,
      borderColor: ink.value,
      borderWidth: 2,
      clip: false as const,
      pointRadius: props.points.map((_, i) => (i === props.chosen ? 9 : 5)),
      pointBackgroundColor: props.points.map((_, i) => (i === props.chosen ? accent.value : ink.value)),
      pointBorderWidth: 0,
      pointHitRadius: 22,
    },
  ],
}))
const options = computed<ChartOptions<'line'>>(() => ({
  responsive: true,
  maintainAspectRatio: false,
  animation: false,
  layout: { padding: { top: 12, right: 14 } },
  onClick: (_event, hits) => {
    if (hits[0]) emit('choose', hits[0].index)
  },
  scales: {
    x: {
      type: 'linear',
      min: 0,
      max: props.budgetMinor / 100,
      title: { display: true, text: `spent${props.currency && `, ${props.currency}`}`, color: ink.value },
      ticks: { color: ink.value },
      grid: { display: false },
    },
    y: {
      type: 'linear',
      title: { display: true, text: 'reach, %', color: ink.value },
      ticks: { color: ink.value, precision: 0 },
      grid: { color: props.theme === 'wings' ? '#3a3a3a' : '#cfcfcf' },
    },
  },
}))
const table = ref(false)
const label = (p: SpendPoint) => `${formatMoney(p.spend, props.currency)} reaches ${percent(p.reach)}`
const COLUMNS: Column<(typeof props.points)[number]>[] = [
  { key: 'spend', text: 'Spent', class: 'num', of: p => formatMoney(p.spend) },
  { key: 'reach', text: 'Reach, %', class: 'num', of: p => Math.round(p.reach * 100) },
  { key: 'bottles', text: 'Bottles', class: 'num', of: p => p.chosen.length },
  { key: 'proof', text: 'Proof', of: p => (p.optimal ? 'best' : 'best found') },
  { key: 'doing', text: 'Look', unseen: true },
]
</script>

<template>
  <section aria-label="Spend curve">
    <div class="chart">
      <Line :data="data" :options="options" :aria-label="`Spend curve: ${points.map(label).join('; ')}`" />
    </div>
    <label class="slide small"
      >Spend less, reach less
      <input
        type="range"
        min="0"
        :max="points.length - 1"
        step="1"
        :value="chosen"
        :aria-valuetext="points[chosen] ? label(points[chosen]!) : ''"
        @change="emit('choose', Number(($event.target as HTMLInputElement).value))"
      />
    </label>
    <Act :aria-expanded="table" @click="table = !table">
      {{ table ? 'Hide the table' : 'As a table' }}
    </Act>
    <Ledger v-if="table" caption="Reach by money spent" :columns="COLUMNS" :lines="points">
      <template #doing="{ index }">
        <Act :disabled="index === chosen" @click="emit('choose', index)">{{
          index === chosen ? 'shown' : 'Look at it'
        }}</Act>
      </template>
    </Ledger>
  </section>
</template>

<style scoped>
.chart {
  height: 190px;
}
.slide {
  display: grid;
  gap: 2px;
}
input[type='range'] {
  width: 100%;
  height: 44px;
  accent-color: var(--accent);
  margin: 0;
}
</style>
