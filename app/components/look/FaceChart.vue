<script setup lang="ts">
import { labToCss } from '#core/colour/display'
import type { Lab } from '#core/colour/lab'
import { CHART_AREAS, type ChartArea, type ChartMarkInput } from '#shared/records/method/consultation'

/** The look drawn on the face: every area takes one colour. To touch, or to walk with the arrow keys. */
const props = defineProps<{
  skin: Lab | null
  marks: readonly ChartMarkInput[]
  /** None of them where nothing is being placed. */
  selected: ChartArea | null
  nameOf: (mark: ChartMarkInput) => string
}>()
const emit = defineEmits<{ select: [area: ChartArea] }>()

const mirrored = (d: string) => [
  { d, flip: false },
  { d, flip: true },
]
const once = (d: string) => [{ d, flip: false }]
/** Shapes on the left half, mirrored where the face has two. Drawn in this order, the later over the earlier. */
const SHAPES: Record<ChartArea, { d: string; flip: boolean }[]> = {
  'contour': mirrored('M40 214C58 226 78 232 98 228C84 246 62 254 48 246z'),
  'cheek': mirrored('M48 196C60 180 88 180 98 198C92 216 62 220 48 196z'),
  'cheekbone': mirrored('M42 186C58 168 84 162 104 168C88 174 62 182 50 196z'),
  'nose': once('M138 150h24l8 66c-8 10-32 10-40 0z'),
  'crease': mirrored('M58 146C76 118 112 118 126 146C112 130 76 130 58 146z'),
  'lid': mirrored('M60 152C76 132 110 132 124 152C110 146 76 146 60 152z'),
  'lash line': mirrored('M58 154C76 146 110 146 126 154L126 158C110 150 76 150 58 158z'),
  'inner corner': mirrored('M120 150l12 6-8 8-8-4z'),
  'brow': mirrored('M54 116C76 98 108 98 128 112L126 120C106 108 78 110 58 124z'),
  'lips': once('M112 262c14-12 26-14 38-6 12-8 24-6 38 6-12 18-22 24-38 24s-26-6-38-24z'),
  'jaw': mirrored('M62 280C84 312 112 330 148 332L148 344C108 342 76 322 54 288z'),
}
const ORDER = Object.keys(SHAPES) as ChartArea[]
const FACE = 'M150 24c66 0 104 56 104 132 0 100-44 190-104 190S46 256 46 156C46 80 84 24 150 24z'
const markOf = (area: ChartArea) => props.marks.find(m => m.area === area)
const label = (area: ChartArea) => {
  const mark = markOf(area)
  return `${area}: ${mark ? props.nameOf(mark) : 'nothing placed'}`
}
const { root, walk } = useWalk(
  CHART_AREAS,
  () => props.selected ?? ORDER[0]!,
  to => emit('select', to),
)
</script>

<template>
  <svg
    ref="root"
    class="chart"
    viewBox="0 0 300 360"
    role="group"
    aria-label="Face chart. Arrow keys move between the areas."
  >
    <clipPath id="face-outline"><path :d="FACE" /></clipPath>
    <path :d="FACE" :fill="skin ? labToCss(skin) : 'var(--rail)'" />
    <path
      d="M62 154c14-10 46-10 62 0-14 10-48 10-62 0zM238 154c-14-10-46-10-62 0 14 10 48 10 62 0z"
      fill="#f4f4f4"
      stroke="#1a1a1a"
      stroke-width="0.8"
      aria-hidden="true"
    />
    <FaceArea
      v-for="area in ORDER"
      :key="area"
      :name="area"
      :label="label(area)"
      :selected="selected === area"
      :first="selected === null && area === ORDER[0]"
      @select="emit('select', area)"
      @keydown="walk"
    >
      <g clip-path="url(#face-outline)">
        <path
          v-for="(shape, i) in SHAPES[area]"
          :key="i"
          :d="shape.d"
          :transform="shape.flip ? 'translate(300 0) scale(-1 1)' : undefined"
          :fill="markOf(area) ? labToCss(markOf(area)!.lab) : 'transparent'"
          :fill-opacity="markOf(area) ? 0.85 : 0"
        />
      </g>
    </FaceArea>
  </svg>
</template>

<style scoped>
.chart {
  width: 100%;
  max-width: 420px;
  display: block;
  print-color-adjust: exact;
}
.area path {
  stroke: #1a1a1a;
  stroke-width: 0.8;
  stroke-opacity: 0.5;
  stroke-dasharray: 3 3;
  pointer-events: all;
}
.area:hover path {
  stroke-opacity: 1;
}
.area[aria-pressed='true'] path {
  stroke: #ffffff;
  stroke-width: 3.5;
  stroke-opacity: 1;
  stroke-dasharray: none;
  paint-order: stroke;
}
.area:focus-visible path {
  stroke: var(--accent);
  stroke-width: 4;
  stroke-opacity: 1;
  stroke-dasharray: none;
}
</style>
