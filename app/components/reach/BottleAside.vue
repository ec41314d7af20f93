<script setup lang="ts">
import type { ReachedSkin } from '#core/complexion/reach'
import type { ShelfProduct } from '#shared/records/kit/kit'

/** One bottle of the kit: what would be lost without it. */
const props = defineProps<{
  product: ShelfProduct
  lost: readonly ReachedSkin[]
  lostFaces: readonly string[]
  matched: number
  total: number
  isOut: boolean
}>()
const emit = defineEmits<{ leaveOut: []; putBack: [] }>()
const ranges = computed(() => rangesInWords(props.lost))
</script>

<template>
  <div class="flow">
    <p class="small">{{ product.brand }} {{ product.range }}</p>
    <div class="head">
      <Swatch :lab="product.lab" :size="64" />
      <h2>{{ product.shade }}</h2>
    </div>
    <p class="small">
      {{ product.kind === 'adjuster' ? 'adjuster' : placeInWords(product.lab) }}, {{ product.family }} base,
      {{ product.coverage }} coverage
    </p>
    <template v-if="isOut">
      <p>It is left out of the picture now.</p>
      <v-btn color="primary" @click="emit('putBack')">Put it back</v-btn>
    </template>
    <template v-else>
      <p v-if="lost.length === 0 && lostFaces.length === 0">
        <b>Nothing is lost without it.</b> It can stay at home: others make the same skins.
      </p>
      <template v-else>
        <p>
          <b>Without it {{ matched }} becomes {{ matched - lost.length }} of {{ total }} skins.</b>
        </p>
        <p v-if="ranges" class="small">Lost: {{ ranges }}.</p>
        <p v-if="lostFaces.length > 0">Your own: {{ listInWords(lostFaces) }} could no longer be matched.</p>
      </template>
      <v-btn color="primary" @click="emit('leaveOut')">See the kit without it</v-btn>
    </template>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  gap: 14px;
  align-items: center;
}
p {
  margin: 0;
}
</style>
