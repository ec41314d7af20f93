<script setup lang="ts">
import Papa from 'papaparse'
import { FIELDS, titleOf } from '#core/stock/table/fields'
import { harmless } from '#core/stock/table/harmless'

/** A table somebody keeps, taken into the kit: what its columns are, what each row would do, and what cannot be read of it. */
const emit = defineEmits<{ done: [] }>()
const settings = useSettings()
const t = useTableIn(settings.value.currency || 'EUR')

const meanings = [
  { value: null, title: 'left out' },
  ...FIELDS.filter(f => f !== 'id' && f !== 'productId' && f !== 'details' && f !== 'colourSource').map(value => ({
    value,
    title: titleOf(value),
  })),
]
/** Columns that an export writes for itself are offered only where the table has them. */
const meaningsOf = (i: number) => {
  const own = t.mapping.value[i]
  return own && !meanings.some(m => m.value === own) ? [...meanings, { value: own, title: titleOf(own) }] : meanings
}
function mean(i: number, field: (typeof FIELDS)[number] | null) {
  t.mapping.value = t.mapping.value.map((m, k) => (k === i ? field : m === field ? null : m))
}
const picked = (event: Event) => {
  const [file] = (event.target as HTMLInputElement).files ?? []
  if (file) void t.open(file)
}
const dropped = (event: DragEvent) => {
  const [file] = event.dataTransfer?.files ?? []
  if (file) void t.open(file)
}
const hasName = computed(() => t.mapping.value.includes('name'))
const problems = computed(() => t.read.value?.problems ?? [])
const asides = computed(() => t.read.value?.asides ?? [])
const ASIDES_NAMED = 8
const wrongRows = computed(() => new Set(problems.value.map(p => p.row)).size)
const title = computed(() => {
  if (t.step.value === 'file') return 'Take in a table'
  if (t.step.value === 'columns') return `${plural(t.filled.value, 'row')}. What are the columns?`
  const o = t.outcome.value
  if (!o) return 'None of it can be read yet.'
  return `${plural(o.made, 'new thing')}, ${o.changed} changed, ${o.same} as they are.`
})
/** Rows that cannot be read, with the reason, to be put right and taken in again. */
function saveProblems() {
  const rows = [...new Set(problems.value.map(p => p.row))]
  const reasons = (row: number) =>
    problems.value
      .filter(p => p.row === row)
      .map(p => p.message)
      .join(' ')
  const csv = Papa.unparse({
    fields: [...t.headings.value, 'What is wrong'],
    data: rows.map(row => [
      ...t.headings.value.map((_, i) => harmless(t.body.value[row - 1]?.[i] ?? '')),
      reasons(row),
    ]),
  })
  saveText(csv, 'rows-to-put-right.csv', 'text/csv')
}
const firstRow = computed(() => (t.headed.value === null ? 1 : t.headed.value + 2))
async function takeIn() {
  if (await t.takeIn()) emit('done')
}
const LOOKED_AT = 60
</script>

<template>
  <form
    class="form"
    novalidate
    @submit.prevent="t.step.value === 'columns' ? t.readIt() : t.step.value === 'look' ? takeIn() : undefined"
    @dragover.prevent
    @drop.prevent="dropped"
  >
    <h2>{{ title }}</h2>
    <p v-if="t.problem.value" role="alert" class="problem">{{ t.problem.value }}</p>
    <Working v-if="t.worker.busy.value" what="Reading the table" :done="null" @stop="t.worker.stop()" />
    <Working v-else-if="t.sending.value && t.step.value !== 'look'" what="Looking what it would do" :done="null" />

    <template v-if="t.step.value === 'file'">
      <p class="small">
        A spreadsheet (.xlsx), a text table (.csv) or a kit that was written out (.json). Its columns may be called what
        they are called, in any order; decimal commas, units and days are read as they are written. Nothing is taken in
        before you have looked.
      </p>
      <label class="drop">
        <span>Choose a file, or let one go here</span>
        <input type="file" accept=".xlsx,.csv,.tsv,.txt,.json" @change="picked" />
      </label>
      <div class="acts"><v-btn variant="text" @click="emit('done')">Cancel</v-btn></div>
    </template>

    <template v-else-if="t.step.value === 'columns'">
      <v-select
        v-if="t.sheets.value.length > 1"
        label="Sheet"
        :items="t.sheets.value.map((s, value) => ({ value, title: `${s.name}, ${plural(s.rows.length, 'row')}` }))"
        :model-value="t.sheet.value"
        hide-details
        @update:model-value="i => t.choose(i)"
      />
      <v-select
        label="Row that names the columns"
        :items="t.headingChoices.value"
        :model-value="t.headed.value"
        hide-details
        @update:model-value="t.nameColumns"
      />
      <ul class="bare columns">
        <li v-for="(heading, i) in t.headings.value" :key="i">
          <div>
            <b class="free">{{ heading }}</b>
            <p class="small free">{{ t.samples(i).join(' · ') || 'empty' }}</p>
          </div>
          <v-select
            :model-value="t.mapping.value[i] ?? null"
            :items="meaningsOf(i)"
            :label="`${heading} is`"
            hide-details
            @update:model-value="f => mean(i, f)"
          />
        </li>
      </ul>
      <Choices
        :model-value="t.habits.dayFirst ? 'day' : 'month'"
        label="03/04/2026 is"
        :options="[
          ['day', 'the third of April'],
          ['month', 'the fourth of March'],
        ]"
        @update:model-value="first => (t.habits.dayFirst = first === 'day')"
      />
      <p v-if="!hasName" role="status">One column must be the name.</p>
      <div class="acts foot">
        <v-btn type="submit" color="primary" variant="flat" :disabled="!hasName || t.worker.busy.value">Read it</v-btn>
        <v-btn variant="text" @click="t.step.value = 'file'">Another file</v-btn>
        <v-btn variant="text" @click="emit('done')">Cancel</v-btn>
      </div>
    </template>

    <template v-else>
      <p v-if="t.outcome.value && t.outcome.value.places.length > 0">
        New places: <span class="free">{{ t.outcome.value.places.join(', ') }}</span>.
      </p>
      <p v-if="asides.length > 0" class="small">
        Read as {{ asides.length === 1 ? 'a heading or a total' : 'headings and totals' }}, not as things:
        <span class="free"
          >{{ asides.slice(0, ASIDES_NAMED).join(', ') }}{{ asides.length > ASIDES_NAMED ? ' …' : '' }}</span
        >.
      </p>
      <div v-for="code in t.read.value?.currencies ?? []" :key="code" class="rate">
        <NumberField
          :model-value="t.habits.rates[code] ?? Number.NaN"
          :label="`One ${code} is, in ${t.habits.currency}`"
          :min="0.000001"
          :max="1000000"
          @update:model-value="v => v && (t.habits.rates = { ...t.habits.rates, [code]: v })"
        />
        <v-btn variant="outlined" @click="t.readIt()">Read the prices</v-btn>
      </div>
      <section v-if="problems.length > 0" aria-labelledby="wrong">
        <h3 id="wrong">{{ plural(wrongRows, 'row') }} with something that cannot be read</h3>
        <ul class="bare lines">
          <li v-for="(p, i) in problems.slice(0, LOOKED_AT)" :key="i">
            <span class="num">row {{ p.row - 1 + firstRow }}</span> <span class="free">{{ p.message }}</span>
          </li>
        </ul>
        <p class="small">
          {{ problems.length > LOOKED_AT ? `${problems.length - LOOKED_AT} more. ` : '' }}Such a cell is left out; the
          rest of its row is taken in.
          <Act @click="saveProblems">Keep these rows as a file, to put right</Act>
        </p>
      </section>
      <section v-if="t.outcome.value && t.outcome.value.lines.length > 0" aria-labelledby="does">
        <h3 id="does">What it does</h3>
        <ul class="bare lines">
          <li v-for="(line, i) in t.outcome.value.lines.slice(0, LOOKED_AT)" :key="i">
            <span class="does">{{ line.does }}</span> <span class="free">{{ line.name }}</span>
            <span class="small"> {{ [kindChoice(line.kind).title, ...line.fields].join(' · ') }}</span>
          </li>
        </ul>
        <p v-if="t.outcome.value.made + t.outcome.value.changed > LOOKED_AT" class="small">
          The first {{ LOOKED_AT }} of {{ t.outcome.value.made + t.outcome.value.changed }} are shown.
        </p>
      </section>
      <div class="acts foot">
        <v-btn
          type="submit"
          color="primary"
          variant="flat"
          :loading="t.sending.value"
          :disabled="!t.outcome.value || t.outcome.value.made + t.outcome.value.changed === 0"
          >Take it in</v-btn
        >
        <v-btn v-if="t.sheets.value.length > 0" variant="text" @click="t.step.value = 'columns'"
          >Change the columns</v-btn
        >
        <v-btn variant="text" @click="emit('done')">Cancel</v-btn>
      </div>
    </template>
  </form>
</template>

<style scoped>
.drop {
  display: grid;
  gap: 10px;
  border: 1px dashed var(--muted);
  padding: 22px;
  min-width: 0;
}
.drop input {
  min-height: 44px;
  min-width: 0;
  max-width: 100%;
}
.columns {
  display: grid;
}
.columns li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 260px;
  gap: 14px;
  align-items: center;
  padding: 8px 0;
  border-bottom: 1px solid var(--line);
}
.columns p {
  margin: 0;
}
.lines li {
  padding: 5px 0;
  border-bottom: 1px solid var(--line);
}
.does {
  display: inline-block;
  min-width: 72px;
  color: var(--muted);
}
.num {
  display: inline-block;
  min-width: 72px;
  color: var(--muted);
}
.rate {
  display: flex;
  gap: 12px;
  align-items: center;
}
@media (max-width: 760px) {
  .columns li {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
