<script setup lang="ts">
import { inkOn, labToCss } from '#core/colour/display'
import type { Family } from '#core/complexion/bottles/product'
import type { Share } from '#core/complexion/shares'
import { spreadOut } from '#core/complexion/skins/spreadOut'
import { skinPlace } from '#core/complexion/skins/skin'
import type { ShelfProduct } from '#shared/records/kit/kit'

/**
 * The bottles standing under the depth they sit at, on the axis of the field above, one shelf for each family since only
 * bottles of one shelf mix. Adjusters have no depth and stand apart at the end of their shelf.
 */
const props = defineProps<{
  products: readonly ShelfProduct[]
  inRecipe: ReadonlySet<string>
  leftOut: ReadonlySet<string>
  idle: ReadonlySet<string>
  selected: string | null
  shares: ReadonlyMap<Family, Share>
}>()
const emit = defineEmits<{ select: [id: string] }>()

// The field's axis: half a step outside the depths 1 and 12.
const FIRST = 0.75
const LAST = 12.25
// Room one bottle needs, in depths, on a field of common width.
const BOTTLE = 0.56
// More bottles than fit beside each other go to a further row.
const PER_ROW = 18

const at = (depth: number) => ((Math.min(LAST, Math.max(FIRST, depth)) - FIRST) / (LAST - FIRST)) * 100

const shelves = computed(() =>
  [...new Set(props.products.map(p => p.family))].map(family => {
    const own = props.products.filter(p => p.family === family)
    const bases = own
      .filter(p => p.kind !== 'adjuster')
      .map(product => ({ product, depth: skinPlace(product.lab).depth }))
      .sort((x, y) => x.depth - y.depth)
    const rows = Math.max(1, Math.ceil(bases.length / PER_ROW))
    // Dealt out in turn, so that every row spans the whole axis.
    const bottles = Array.from({ length: rows }, (_, row) => {
      const dealt = bases.filter((_, i) => i % rows === row)
      const places = spreadOut(
        dealt.map(b => b.depth),
        BOTTLE,
      )
      return dealt.map((b, i) => ({ ...b, row, place: places[i]! }))
    }).flat()
    return { family, bottles, rows, adjusters: own.filter(p => p.kind === 'adjuster') }
  }),
)
const compact = computed(() => props.products.length > 26)

const label = (p: ShelfProduct) =>
  [
    p.shade,
    placeInWords(p.lab),
    props.leftOut.has(p.id) ? 'left out' : '',
    props.idle.has(p.id) ? 'nothing is lost without it' : '',
  ]
    .filter(Boolean)
    .join(', ')
/** What makes a bottle or an adjuster a thing to choose. */
const handleOf = (p: ShelfProduct) => ({
  'type': 'button' as const,
  'data-bottle': p.id,
  'class': { used: props.inRecipe.has(p.id), out: props.leftOut.has(p.id) },
  'aria-label': label(p),
  'aria-pressed': props.selected === p.id,
  'title': p.shade,
})
</script>

<template>
  <div class="shelves" :class="{ compact }">
    <section v-for="shelf in shelves" :key="shelf.family" class="shelf" :aria-label="`${shelf.family} bottles`">
      <span class="family"
        >{{ shelf.family === 'unknown' ? 'ask' : shelf.family
        }}<span v-if="shares.get(shelf.family)"><br />{{ shares.get(shelf.family)!.matched }} skins</span></span
      >
      <div class="axis" :style="{ '--rows': shelf.rows }">
        <svg class="notches" viewBox="0 0 100 10" preserveAspectRatio="none" aria-hidden="true">
          <line
            v-for="{ product, depth, place } in shelf.bottles"
            :key="product.id"
            :x1="at(depth)"
            y1="0"
            :x2="at(place)"
            y2="10"
            vector-effect="non-scaling-stroke"
          />
        </svg>
        <button
          v-for="{ product, place, row } in shelf.bottles"
          :key="product.id"
          v-bind="handleOf(product)"
          class="bottle"
          :style="{
            'left': `calc(${at(place)}% - 22px)`,
            'top': `calc(${row} * var(--step) + 10px)`,
            '--glass': labToCss(product.lab),
            '--ink-on': inkOn(product.lab),
          }"
          @click="emit('select', product.id)"
        >
          <span class="cap" /><span class="glass"
            ><span>{{ product.shade }}</span></span
          >
          <span v-if="idle.has(product.id)" class="idle" aria-hidden="true">=</span>
        </button>
      </div>
      <div class="drops">
        <button
          v-for="product in shelf.adjusters"
          :key="product.id"
          v-bind="handleOf(product)"
          class="adjuster"
          @click="emit('select', product.id)"
        >
          <i :style="{ background: labToCss(product.lab) }" />{{ product.shade }}
        </button>
      </div>
    </section>
  </div>
</template>

<style scoped>
.shelves {
  --tall: 78px;
  --step: 84px;
  margin-top: 4px;
}
.compact {
  --tall: 48px;
  --step: 54px;
}
.shelf {
  display: grid;
  grid-template-columns: 58px minmax(0, 1fr) 66px;
  border-bottom: 1px solid var(--line);
  padding: 0 0 2px;
  position: relative;
}
.family {
  font-size: 0.82rem;
  color: var(--muted);
  align-self: end;
  padding-bottom: 8px;
}
.axis {
  position: relative;
  height: calc(var(--rows) * var(--step) + 10px);
}
.notches {
  position: absolute;
  inset: 0 0 auto;
  width: 100%;
  height: 10px;
  overflow: visible;
}
.notches line {
  stroke: var(--ink);
  stroke-width: 1;
}
.bottle {
  position: absolute;
  width: 44px;
  height: var(--tall);
  background: none;
  border: 0;
  padding: 0;
  cursor: pointer;
  display: flex;
  flex-direction: column;
  align-items: center;
}
.cap {
  width: 13px;
  height: 9px;
  background: var(--ink);
  flex: none;
}
.glass {
  width: 27px;
  flex: 1;
  min-height: 0;
  background: var(--glass);
  color: var(--ink-on);
  display: grid;
  place-content: center;
  overflow: hidden;
  border-radius: 2px;
}
.glass span {
  writing-mode: vertical-rl;
  font-size: 0.7rem;
  max-height: 66px;
  overflow: hidden;
  white-space: nowrap;
  text-overflow: ellipsis;
}
.compact .glass span {
  display: none;
}
.used .glass,
.bottle[aria-pressed='true'] .glass {
  outline: 3px solid var(--accent);
  outline-offset: 2px;
}
.out {
  opacity: 0.45;
}
.out .glass span,
.adjuster.out {
  text-decoration: line-through;
}
.idle {
  position: absolute;
  right: 0;
  top: 6px;
  font-weight: 700;
  font-size: 0.9rem;
}
.drops {
  grid-column: 2;
  display: flex;
  flex-wrap: wrap;
  gap: 0 18px;
}
.drops:empty {
  display: none;
}
.adjuster {
  font: inherit;
  font-size: 0.86rem;
  color: var(--ink);
  background: none;
  border: 0;
  min-height: 44px;
  cursor: pointer;
  display: inline-flex;
  align-items: center;
  gap: 7px;
}
.adjuster i {
  width: 24px;
  height: 24px;
  border-radius: 50%;
}
.adjuster.used i,
.adjuster[aria-pressed='true'] i {
  outline: 3px solid var(--accent);
  outline-offset: 2px;
}
@media (max-width: 760px) {
  .shelf {
    grid-template-columns: 1fr;
  }
  .family {
    order: -1;
    padding: 8px 0 2px;
  }
  .notches {
    display: none;
  }
  .axis {
    height: auto;
    display: flex;
    flex-wrap: wrap;
    gap: 4px;
  }
  .bottle {
    position: static;
  }
  .drops {
    grid-column: 1;
  }
}
</style>
