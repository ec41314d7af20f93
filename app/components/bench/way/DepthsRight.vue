<script setup lang="ts">
import { skinAt, skinPlace, typicalSkin } from '#core/complexion/skins/skin'
import { betweenEnds, movedTo } from '#core/stock/things/range'
import { rangeKey } from '#shared/asked/kitPigments'
import { hasColour, type ShelfProduct } from '#shared/records/kit/kit'

/** Foundations that sit by a guess, a strip a range: the ends are put right, and those between follow. */
const { bottles } = defineProps<{ bottles: readonly ShelfProduct[] }>()
const emit = defineEmits<{ done: []; cancel: [] }>()
const kit = useKit()
const undo = useUndo()

const placeOf = (p: ShelfProduct) => skinPlace(hasColour(p) ? p.lab : typicalSkin(6, 'neutral'))
const depthOf = (p: ShelfProduct) => Math.min(12, Math.max(1, placeOf(p).depth))
interface Range {
  name: string
  bottles: ShelfProduct[]
  depths: number[]
}
const ranges = reactive<Range[]>(
  [...Map.groupBy(bottles, p => rangeKey(p))].map(([key, own]) => {
    const sorted = [...own].sort((x, y) => depthOf(x) - depthOf(y))
    return { name: key === '' ? 'Others' : own[0]!.range, bottles: sorted, depths: sorted.map(depthOf) }
  }),
)
function move(range: Range, at: number, depth: number) {
  const isEnd = at === 0 || at === range.depths.length - 1
  range.depths = isEnd ? betweenEnds(range.depths, at, depth) : movedTo(range.depths, at, depth)
}
/** Under the name of its range a shade needs no more than what tells it from the others. */
const labelOf = ({ shade, range }: ShelfProduct) =>
  (range !== '' && shade.startsWith(range) ? shade.slice(range.length).trim() : '') || shade
const busy = ref(false)
async function save() {
  busy.value = true
  const parts = ranges.flatMap(r =>
    r.bottles.map((p, i) => {
      const { hueDeviation, chromaRatio } = placeOf(p)
      return { id: p.id, lab: skinAt(r.depths[i]!, hueDeviation, chromaRatio), colourSource: 'depth word' as const }
    }),
  )
  const isDone = await undo.attempt(() => kit.changeAll(parts))
  busy.value = false
  if (isDone) emit('done')
}
</script>

<template>
  <form class="form" novalidate @submit.prevent="save">
    <h2>Where do they sit?</h2>
    <p class="small">
      Drag the lightest and the deepest of each range; those between move along. The others can be dragged, too. A depth
      by eye is enough: what you see on skins later sharpens it.
    </p>
    <section v-for="range in ranges" :key="range.name" :aria-label="range.name">
      <h3>{{ range.name }}</h3>
      <DepthStrip
        :name="`Depths of ${range.name}`"
        :shades="
          range.bottles.map((p, i) => ({
            key: p.id,
            label: labelOf(p),
            depth: range.depths[i]!,
            undertone: placeOf(p).undertone,
          }))
        "
        @move="(at, depth) => move(range, at, depth)"
      />
    </section>
    <div class="acts foot">
      <v-btn type="submit" color="primary" variant="flat" :loading="busy">Save where they sit</v-btn>
      <v-btn variant="text" @click="emit('cancel')">Cancel</v-btn>
    </div>
  </form>
</template>

<style scoped>
h3 {
  margin: 0 0 4px;
}
</style>
