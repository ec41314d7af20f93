<script setup lang="ts">
import { labToCss } from '#core/colour/display'
import type { BagLine, BagPlace } from '#shared/records/days/bags'

/** Cases as they stand packed: pouches from the top down, each with what is in it in the order it comes out. */
const { places, goes } = defineProps<{ places: readonly BagPlace[]; goes: readonly BagLine[]; chosen: string | null }>()
const emit = defineEmits<{ choose: [line: BagLine] }>()
const inside = (id: string) => goes.filter(g => g.to === id)
const share = (part: number, of: number | null) => (of ? Math.min(100, (part / of) * 100) : 0)
const tooHeavy = ({ packed, limits }: BagPlace) => limits.limitG !== null && packed.massG > limits.limitG
const tooFull = ({ packed, limits }: BagPlace) => limits.volumeMl !== null && packed.roomMl > limits.volumeMl
const isRoot = (p: BagPlace) => p.depth === 0
/** What is loose in a case lies under its pouches. */
const shown = computed(() =>
  places.flatMap((p, i) => {
    const next = places.findIndex((q, k) => k > i && isRoot(q))
    const last = next < 0 ? places.length - 1 : next - 1
    const holds = isRoot(p) && i < last
    return [{ place: p, lines: holds ? [] : inside(p.id), loose: false, holds }, ...looseUnder(p, i)]
  }),
)
function looseUnder(p: BagPlace, i: number) {
  // The last pouch of a case is followed by what lies loose in the case.
  const root = places.slice(0, i + 1).findLast(isRoot)
  const next = places[i + 1]
  const isLast = !isRoot(p) && (!next || isRoot(next))
  const lines = isLast && root ? inside(root.id) : []
  return lines.length > 0 && root ? [{ place: root, lines, loose: true, holds: false }] : []
}
</script>

<template>
  <div>
    <section
      v-for="{ place, lines, loose, holds } in shown"
      :key="`${place.id} ${loose}`"
      :class="{ root: holds, pouch: !holds }"
      :aria-label="loose ? `Loose in ${place.name}` : place.name"
    >
      <div class="head">
        <component :is="holds ? 'h2' : 'h3'" class="free">{{ loose ? 'Loose, under it all' : place.name }}</component>
        <template v-if="!loose">
          <span class="bar" :class="{ over: tooHeavy(place) }" aria-hidden="true"
            ><i :style="{ width: `${share(place.packed.massG, place.limits.limitG)}%` }"
          /></span>
          <span class="num small"
            >{{ kilos(place.packed.massG)
            }}{{ place.limits.limitG === null ? '' : ` of ${kilos(place.limits.limitG)}` }},
            {{ litres(place.packed.roomMl)
            }}{{ place.limits.volumeMl === null ? '' : ` of ${litres(place.limits.volumeMl)}` }}</span
          >
          <b v-if="tooHeavy(place) || tooFull(place)" class="small">{{
            [tooHeavy(place) ? 'too heavy' : '', tooFull(place) ? 'too full' : ''].filter(Boolean).join(', ')
          }}</b>
        </template>
      </div>
      <ul v-if="!holds" class="bare things">
        <li v-for="line in lines" :key="line.unitId">
          <button
            type="button"
            class="thing"
            :class="{ needed: line.why === 'plans' || line.why === 'day', coming: !line.isAlong }"
            :aria-pressed="chosen === line.unitId"
            @click="emit('choose', line)"
          >
            <i v-if="line.lab" class="dot" :style="{ background: labToCss(line.lab) }" aria-hidden="true" />
            {{ packedInWords(line) }}<span v-if="!line.isAlong" class="small">to bring</span>
          </button>
        </li>
        <li v-if="lines.length === 0" class="small">Nothing for this job.</li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.root {
  margin-top: 18px;
  border-bottom: 2px solid var(--ink);
}
.pouch {
  border-bottom: 1px solid var(--line);
  padding: 6px 0 8px;
}
.head {
  display: flex;
  align-items: center;
  gap: 12px;
  flex-wrap: wrap;
}
.head h2,
.head h3 {
  margin: 0;
  min-width: 150px;
}
.bar {
  width: 90px;
  height: 6px;
  background: var(--line);
  display: block;
}
.bar i {
  display: block;
  height: 100%;
  background: var(--ink);
}
.bar.over i {
  background: var(--accent);
}
.things {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  margin: 6px 0 0;
}
.thing {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  min-height: 28px;
  padding: 2px 8px;
  border: 1px solid var(--line);
  background: none;
  color: var(--ink);
  font: inherit;
  cursor: pointer;
}
.needed {
  border-color: var(--ink);
}
.coming {
  border-style: dashed;
}
.thing[aria-pressed='true'] {
  outline: 2px solid var(--accent);
  outline-offset: 1px;
}
.dot {
  width: 14px;
  height: 14px;
  flex: none;
}
@media (max-width: 760px) {
  .thing {
    min-height: 44px;
  }
}
</style>
