<script setup lang="ts">
import type { Column } from '~/words/columns'

/** A record that was changed elsewhere while it was being changed here: both, field by field, and the choice between them. */
const props = defineProps<{ mine: object; today: object }>()
const emit = defineEmits<{ mine: []; theirs: [] }>()

const WORDS: Record<string, string> = {
  shade: 'name',
  ageBand: 'age',
  skinType: 'skin',
  openedOn: 'opened on',
  expiresOn: 'printed expiry',
  priceMinor: 'price, minor units',
  sizeMl: 'size',
  inci: 'ingredients',
  lab: 'colour',
  level: 'how full',
}
const NOT_TOLD = ['version', 'id', 'createdAt']
const shown = (value: unknown): string => {
  if (value === null || value === undefined || value === '') return 'empty'
  const text = typeof value === 'object' ? JSON.stringify(value) : String(value)
  return text.length > 80 ? `${text.slice(0, 77)}…` : text
}
const same = (x: unknown, y: unknown) => JSON.stringify(x ?? null) === JSON.stringify(y ?? null)
const theirs = computed(() => new Map<string, unknown>(Object.entries(props.today)))
const rows = computed(() =>
  Object.entries(props.mine)
    .filter(
      ([field, value]) => !NOT_TOLD.includes(field) && theirs.value.has(field) && !same(value, theirs.value.get(field)),
    )
    .map(([field, value]) => ({
      field: WORDS[field] ?? field.replace(/([a-z])([A-Z])/g, '$1 $2').toLowerCase(),
      mine: shown(value),
      theirs: shown(theirs.value.get(field)),
    })),
)
const COLUMNS: Column<(typeof rows.value)[number]>[] = [
  { key: 'field', text: 'Field', of: row => capital(row.field) },
  { key: 'mine', text: 'Yours', class: 'free', of: row => row.mine },
  { key: 'theirs', text: 'There now', class: 'free', of: row => row.theirs },
]
</script>

<template>
  <section class="clash" aria-label="Changed elsewhere">
    <Ledger v-if="rows.length > 0" caption="What differs" :columns="COLUMNS" :lines="rows" />
    <p v-else>Both say the same.</p>
    <div class="acts">
      <v-btn color="primary" variant="flat" @click="emit('mine')">Keep yours</v-btn>
      <v-btn color="primary" @click="emit('theirs')">Take what is there</v-btn>
    </div>
  </section>
</template>

<style scoped>
.clash {
  border-left: 4px solid var(--ink);
  padding-left: 10px;
  display: grid;
  gap: 10px;
}
</style>
