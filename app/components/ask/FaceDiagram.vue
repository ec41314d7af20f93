<script setup lang="ts">
import { labToCss } from '#core/colour/display'
import type { Lab } from '#core/colour/lab'
import { ZONES, type Zone, type ZoneState } from '#core/asked/face'

/** A face in zones, to touch or to walk with the arrow keys; a zone with something to say carries its number. */
const props = defineProps<{ skin: Lab | null; states: Partial<Record<Zone, readonly ZoneState[]>>; selected: Zone }>()
const emit = defineEmits<{ select: [zone: Zone] }>()

const FACE = 'M120 26C176 26 204 74 204 138c0 70-34 134-84 134S36 208 36 138C36 74 64 26 120 26z'
/** Where each zone lies, drawn inside the outline, and where its number stands. */
const SHAPES: Record<Zone, { d: string; at: readonly [number, number] }> = {
  'hairline': { d: 'M46 100C54 50 82 26 120 26s66 24 74 74c-14-26-40-40-74-40s-60 14-74 40z', at: [120, 46] },
  'forehead': { d: 'M52 104c12-28 36-42 68-42s56 14 68 42l-2 10c-22-10-44-14-66-14s-44 4-66 14z', at: [120, 84] },
  'eye area': {
    d: 'M54 130c12-14 36-16 50-2 2 14-4 24-24 24-16 0-26-8-26-22zM186 130c-12-14-36-16-50-2-2 14 4 24 24 24 16 0 26-8 26-22z',
    at: [80, 140],
  },
  'nose': { d: 'M110 122c4-6 16-6 20 0l8 50c0 10-8 14-18 14s-18-4-18-14z', at: [120, 164] },
  'cheeks': {
    d: 'M42 150c14 8 34 10 54 8l4 30c-6 12-20 22-38 24-12-16-20-40-20-62zM198 150c-14 8-34 10-54 8l-4 30c6 12 20 22 38 24 12-16 20-40 20-62z',
    at: [66, 182],
  },
  'lips': { d: 'M92 214c10-8 18-10 28-6 10-4 18-2 28 6-8 14-16 18-28 18s-20-4-28-18z', at: [120, 222] },
  'chin': { d: 'M76 226c10 14 24 22 44 22s34-8 44-22c-6 26-24 46-44 46s-38-20-44-46z', at: [120, 260] },
  'neck': { d: 'M86 262c10 10 20 14 34 14s24-4 34-14c0 24 4 36 22 50H64c18-14 22-26 22-50z', at: [120, 300] },
}
const fill = computed(() => (props.skin ? labToCss(props.skin) : 'var(--rail)'))
const { root, walk } = useWalk(
  ZONES,
  () => props.selected,
  to => emit('select', to),
)
const label = (zone: Zone) =>
  `${zone}: ${props.states[zone]?.length ? props.states[zone]!.join(', ') : 'nothing noted'}`
</script>

<template>
  <svg ref="root" class="face" viewBox="0 0 240 316" role="group" aria-label="The face in zones. Arrow keys move.">
    <path d="M84 236h72c0 50 4 58 24 76H60c20-18 24-26 24-76z" :fill="fill" />
    <path :d="FACE" :fill="fill" />
    <FaceArea
      v-for="zone in ZONES"
      :key="zone"
      :name="zone"
      :label="label(zone)"
      :selected="selected === zone"
      @select="emit('select', zone)"
      @keydown="walk"
    >
      <path :d="SHAPES[zone].d" />
      <g v-if="states[zone]?.length" aria-hidden="true">
        <circle :cx="SHAPES[zone].at[0]" :cy="SHAPES[zone].at[1]" r="10" />
        <text :x="SHAPES[zone].at[0]" :y="SHAPES[zone].at[1] + 5">{{ states[zone]!.length }}</text>
      </g>
    </FaceArea>
  </svg>
</template>

<style scoped>
.face {
  width: 100%;
  max-width: 300px;
  display: block;
}
.area > path {
  fill: transparent;
  stroke: #1a1a1a;
  stroke-width: 1;
  stroke-opacity: 0.55;
}
.area:hover > path {
  stroke-opacity: 1;
  stroke-width: 2;
}
.area[aria-pressed='true'] > path {
  stroke: #ffffff;
  stroke-width: 5;
  stroke-opacity: 1;
  paint-order: stroke;
  filter: drop-shadow(0 0 0 #000);
}
.area:focus-visible > path {
  stroke: var(--accent);
  stroke-width: 5;
  stroke-opacity: 1;
}
circle {
  fill: #1a1a1a;
}
text {
  fill: #ffffff;
  font-size: 13px;
  font-weight: 700;
  text-anchor: middle;
}
</style>
