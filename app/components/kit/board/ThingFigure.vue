<script setup lang="ts">
import { labToCss } from '#core/colour/display'
import type { ThingGroup } from '#core/stock/things/thing'

/** One thing as it stands in a pouch: a bottle with what is left in it, pans as they lie, brushes to be counted at a glance. */
const { group } = defineProps<{ group: ThingGroup; past?: boolean }>()

const MOST_BRUSHES = 8
const MOST_PANS = 24
const t = computed(() => group.first)
type Shape = 'palette' | 'brushes' | 'vessel' | 'pot' | 'pan' | 'stick' | 'words'
const shape = computed<Shape>(() => {
  const { kind, sort, pans, dispenser, measure } = t.value
  if (pans.length > 0) return 'palette'
  if (kind === 'brush' || kind === 'spoolie') return 'brushes'
  if (sort !== 'cosmetic') return measure === 'ml' ? 'vessel' : 'words'
  if (measure === 'pair' || measure === 'piece') return 'words'
  if (dispenser === 'pan') return 'pan'
  if (dispenser === 'pot') return 'pot'
  if (dispenser === 'wand' || dispenser === 'stick' || dispenser === 'pencil') return 'stick'
  return 'vessel'
})
const fill = computed(() => (t.value.lab ? labToCss(t.value.lab) : 'var(--clear-fill)'))
const TALLEST = 54
/** Bottles differ in height as they do on the table, without the large ones towering. */
const height = computed(() => Math.min(TALLEST, Math.round(26 + 5.5 * Math.sqrt(t.value.size))))
const isTube = computed(() => t.value.dispenser === 'tube')
const brushes = computed(() => Math.min(MOST_BRUSHES, group.count))
</script>

<template>
  <span class="figure" :class="[shape, { past, tube: isTube, empty: t.level === 0 }]" aria-hidden="true">
    <template v-if="shape === 'palette'">
      <i
        v-for="pan in t.pans.slice(0, MOST_PANS)"
        :key="pan.fillId"
        class="well"
        :class="{ untold: !pan.lab, out: pan.level === 0 }"
        :style="pan.lab ? { background: labToCss(pan.lab) } : {}"
      />
    </template>
    <template v-else-if="shape === 'brushes'"
      ><i v-for="n in brushes" :key="n" class="brush" :class="t.kind"
    /></template>
    <i
      v-else-if="shape === 'pan'"
      class="well"
      :class="{ untold: !t.lab }"
      :style="t.lab ? { background: fill } : {}"
    />
    <i
      v-else-if="shape !== 'words'"
      class="body"
      :class="shape"
      :style="shape === 'vessel' ? { height: `${height}px` } : {}"
    >
      <b :style="{ height: `${t.level * 100}%`, background: fill }" />
    </i>
    <span v-if="shape === 'words'" class="word"
      ><b :style="{ width: `${t.level * 100}%` }" />{{ t.name
      }}<template v-if="group.count > 1"> ×{{ group.count }}</template></span
    >
    <span v-else-if="shape !== 'brushes' && group.count > 1" class="times">×{{ group.count }}</span>
    <span v-else-if="shape === 'brushes' && group.count > MOST_BRUSHES" class="times">{{ group.count }}</span>
  </span>
</template>

<style scoped>
.figure {
  --clear-fill: color-mix(in srgb, var(--ink) 9%, var(--sheet));
  display: inline-flex;
  max-width: 100%;
  align-items: end;
  gap: 2px;
  min-height: 34px;
  padding: 3px 1px;
  print-color-adjust: exact;
}
i {
  display: block;
  font-style: normal;
}
.well {
  width: 26px;
  height: 26px;
}
.figure.palette {
  gap: 0;
  flex-wrap: wrap;
  max-width: 320px;
  border: 1px solid var(--muted);
  padding: 2px;
}
.well.untold {
  background: repeating-linear-gradient(45deg, var(--line) 0 2px, transparent 2px 6px);
}
.well.out {
  opacity: 0.25;
}
.body {
  position: relative;
  width: 17px;
  border: 1px solid var(--muted);
  border-radius: 2px;
  background: var(--sheet);
  overflow: hidden;
  margin-top: 7px;
}
.body b {
  position: absolute;
  inset: auto 0 0 0;
}
.body.vessel {
  overflow: visible;
}
.body.vessel::before,
.body.stick::before {
  content: '';
  position: absolute;
  left: 3px;
  right: 3px;
  top: -7px;
  height: 6px;
  background: var(--ink);
}
.figure.tube .body {
  border-radius: 8px 8px 2px 2px;
  margin: 0 0 5px;
}
.figure.tube .body::before {
  top: auto;
  bottom: -6px;
  height: 5px;
}
.figure.tube .body b {
  border-radius: 6px 6px 0 0;
}
.body.pot {
  width: 30px;
  height: 24px;
  border-top: 5px solid var(--ink);
}
.body.stick {
  width: 10px;
  height: 44px;
  overflow: visible;
}
.body.stick::before {
  left: 0;
  right: 0;
  top: -5px;
  height: 5px;
}
.figure.empty .body {
  border-style: dashed;
}
.brush {
  position: relative;
  width: 8px;
  height: 50px;
}
.brush::before {
  content: '';
  position: absolute;
  left: 0;
  right: 0;
  top: 0;
  height: 15px;
  background: var(--muted);
  border-radius: 4px 4px 1px 1px;
}
.brush::after {
  content: '';
  position: absolute;
  left: 3px;
  width: 2px;
  top: 15px;
  bottom: 0;
  background: var(--ink);
}
.brush.spoolie::before {
  left: 2px;
  right: 2px;
  background: repeating-linear-gradient(var(--muted) 0 2px, transparent 2px 3px);
}
.word {
  position: relative;
  align-self: end;
  border: 1px solid var(--line);
  padding: 3px 7px 5px;
  font-size: 0.84rem;
  color: var(--ink);
  white-space: nowrap;
  max-width: 100%;
  overflow: hidden;
  text-overflow: ellipsis;
}
.word b {
  position: absolute;
  left: 0;
  bottom: 0;
  height: 2px;
  background: var(--muted);
}
.times {
  font-size: 0.8rem;
  color: var(--muted);
  padding-left: 2px;
}
.past {
  outline: 2px solid var(--ink);
  outline-offset: 3px;
  border-radius: 3px;
}
</style>
