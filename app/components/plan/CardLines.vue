<script setup lang="ts">
import { labToCss } from '#core/colour/display'
import type { Layer } from '#core/plan/facePlan'
import type { FaceCard } from '#shared/faceCard'
import type { LayerRecords } from '#shared/records/plans'
import { amountInWords, reasonInWords } from '~/words/plan'

/** The lines of a card: with amounts, tools and reasons for the artist, products alone for the person. */
const props = defineProps<{
  card: FaceCard
  layers: readonly Layer[]
  record: LayerRecords
  reader: 'artist' | 'person'
}>()
const FIRST_REASONS = 3
const rows = computed(() => props.card.lines.map((line, i) => ({ line, layer: props.layers[i]! })))

/** Where a product was used before, for whoever asks why this one. */
function recordOf({ key }: Layer): string {
  const { faces: used, reactions } = props.record[key] ?? { faces: 0, reactions: 0 }
  const reacted = reactions === 0 ? 'no reaction on record' : plural(reactions, 'reaction')
  return used === 0 ? '' : `on ${plural(used, 'face')} so far, ${reacted}`
}
</script>

<template>
  <table class="ledger">
    <caption class="visually-hidden">
      {{
        reader === 'artist' ? 'Layers with products, amounts and reasons' : 'Products used'
      }}
    </caption>
    <thead>
      <tr>
        <th>Step</th>
        <th>Product</th>
        <template v-if="reader === 'artist'">
          <th class="num">Amount</th>
          <th class="tool">With</th>
          <th class="wide">Why</th>
        </template>
      </tr>
    </thead>
    <tbody>
      <tr v-for="({ line, layer }, i) in rows" :key="i">
        <td>
          <b>{{ line.step }}</b>
          <span v-if="line.where" class="small"> {{ line.where }}</span>
        </td>
        <td>
          <span class="product">
            <i v-if="layer.item.lab" :style="{ background: labToCss(layer.item.lab) }" aria-hidden="true" />
            <span>{{
              reader === 'artist' ? line.product : (line.drops?.map(d => d.name).join(', ') ?? line.product)
            }}</span>
          </span>
        </td>
        <template v-if="reader === 'artist'">
          <td class="num">{{ amountInWords(layer.amount) }}</td>
          <td class="small tool">{{ line.tool }}</td>
          <td class="small wide">
            {{ reasonInWords(layer.findings, layer.asked, FIRST_REASONS) }}
            <div v-if="recordOf(layer)">{{ recordOf(layer) }}</div>
          </td>
        </template>
      </tr>
    </tbody>
  </table>
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
  .wide {
    display: none;
  }
  /* In large type the tool gives way: the plan names it step by step. */
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
  .ledger td,
  .ledger th {
    padding-right: 6px;
  }
}
</style>
