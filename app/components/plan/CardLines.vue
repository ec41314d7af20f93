<script setup lang="ts">
import { labToCss } from '#core/colour/display'
import type { Layer } from '#core/plan/facePlan'
import type { FaceCard } from '#shared/asked/faceCard'
import type { LayerRecords } from '#shared/records/people/plans'
import { amountInWords, reasonInWords } from '~/words/plan'
import type { Column } from '~/words/columns'

/** The lines of a card: with amounts, tools and reasons for the artist, products alone for the person. */
const props = defineProps<{
  card: FaceCard
  layers: readonly Layer[]
  record: LayerRecords
  reader: 'artist' | 'person'
}>()
const FIRST_REASONS = 3
const rows = computed(() => props.card.lines.map((line, i) => ({ line, layer: props.layers[i]! })))

const FOR_THE_ARTIST: Column<(typeof rows.value)[number]>[] = [
  { key: 'amount', text: 'Amount', class: 'num', of: ({ layer }) => amountInWords(layer.amount) },
  { key: 'tool', text: 'With', class: 'small tool', of: ({ line }) => line.tool ?? '' },
  { key: 'why', text: 'Why', class: 'small wide' },
]

/** Where a product was used before: a reason to use it again. */
function recordOf({ key }: Layer): string {
  const { faces: used, reactions } = props.record[key] ?? { faces: 0, reactions: 0 }
  const reacted = reactions === 0 ? 'no reaction on record' : plural(reactions, 'reaction')
  return used === 0 ? '' : `on ${plural(used, 'face')} so far, ${reacted}`
}
const columns = computed((): Column<(typeof rows.value)[number]>[] => [
  { key: 'step', text: 'Step' },
  { key: 'product', text: 'Product' },
  ...(props.reader === 'artist' ? FOR_THE_ARTIST : []),
])
</script>

<template>
  <Ledger
    :caption="reader === 'artist' ? 'Layers with products, amounts and reasons' : 'Products used'"
    :columns="columns"
    :lines="rows"
  >
    <template #step="{ line: { line } }"
      ><b>{{ line.step }}</b> <span v-if="line.where" class="small"> {{ line.where }}</span></template
    >
    <template #product="{ line: { line, layer } }"
      ><span class="product">
        <i v-if="layer.item.lab" :style="{ background: labToCss(layer.item.lab) }" aria-hidden="true" />
        <span>{{
          reader === 'artist' ? line.product : (line.drops?.map(d => d.name).join(', ') ?? line.product)
        }}</span>
      </span></template
    >
    <template #why="{ line: { layer } }"
      >{{ reasonInWords(layer.findings, layer.asked, FIRST_REASONS) }}
      <div v-if="record[layer.key]?.spoiled.length">
        <b>{{ capital(listInWords(record[layer.key]!.spoiled)) }}.</b>
      </div>
      <div v-if="recordOf(layer)">{{ recordOf(layer) }}</div></template
    >
  </Ledger>
</template>

<style scoped>
.product {
  display: flex;
  gap: 10px;
  align-items: center;
}
.product i {
  width: 24px;
  height: 24px;
  flex: none;
  print-color-adjust: exact;
}
@media (max-width: 760px) {
  /* In large type the tool is left out: the plan names it step by step. */
  :global(html.chairside .ledger .tool) {
    display: none;
  }
  .product {
    gap: 6px;
  }
  .product i {
    width: 16px;
    height: 16px;
  }
}
</style>
