<script setup lang="ts">
import type { Area } from '#core/reading/photograph'

/**
 * A picture with rectangles marked on it: drawn with the pointer, moved by dragging, and by keyboard: arrows move the one that has the focus,
 * with shift they make it larger or smaller, delete takes it away.
 */
const { picture } = defineProps<{ picture: ImageData; labels: readonly string[]; marks: readonly string[] }>()
const areas = defineModel<Area[]>({ required: true })

const canvas = useTemplateRef<HTMLCanvasElement>('canvas')
onMounted(() => canvas.value?.getContext('2d')?.putImageData(picture, 0, 0))
watch(
  () => picture,
  now => nextTick(() => canvas.value?.getContext('2d')?.putImageData(now, 0, 0)),
)

const SMALLEST = 12
type Drag = { index: number; from: [number, number]; was: Area; isNew: boolean }
const drag = ref<Drag | null>(null)

const within = (area: Area): Area => {
  const width = Math.min(picture.width, Math.max(SMALLEST, area.width))
  const height = Math.min(picture.height, Math.max(SMALLEST, area.height))
  return {
    width,
    height,
    x: Math.min(picture.width - width, Math.max(0, area.x)),
    y: Math.min(picture.height - height, Math.max(0, area.y)),
  }
}
const put = (index: number, area: Area) => {
  areas.value = areas.value.map((a, i) => (i === index ? within(area) : a))
}
function at(event: PointerEvent): [number, number] {
  const box = canvas.value!.getBoundingClientRect()
  const scale = picture.width / box.width
  return [(event.clientX - box.left) * scale, (event.clientY - box.top) * scale]
}
function begin(event: PointerEvent) {
  const from = at(event)
  ;(event.currentTarget as HTMLElement).setPointerCapture(event.pointerId)
  const hit = areas.value.findLastIndex(
    a => from[0] >= a.x && from[0] <= a.x + a.width && from[1] >= a.y && from[1] <= a.y + a.height,
  )
  if (hit >= 0) {
    drag.value = { index: hit, from, was: areas.value[hit]!, isNew: false }
    return
  }
  const fresh = { x: from[0], y: from[1], width: 0, height: 0 }
  // Before: what is put into the model stands in it only once whoever holds it has drawn.
  const index = areas.value.length
  areas.value = [...areas.value, fresh]
  drag.value = { index, from, was: fresh, isNew: true }
}
function go(event: PointerEvent) {
  if (!drag.value) return
  const [x, y] = at(event)
  const { index, from, was, isNew } = drag.value
  const [dx, dy] = [x - from[0], y - from[1]]
  if (!isNew) put(index, { ...was, x: was.x + dx, y: was.y + dy })
  else
    areas.value = areas.value.map((a, i) =>
      i === index ? { x: Math.min(x, from[0]), y: Math.min(y, from[1]), width: Math.abs(dx), height: Math.abs(dy) } : a,
    )
}
function end() {
  if (!drag.value) return
  const { index, isNew } = drag.value
  drag.value = null
  const area = areas.value[index]
  if (!isNew || !area) return
  // A tap marks nothing.
  if (area.width < SMALLEST || area.height < SMALLEST) areas.value = areas.value.filter((_, i) => i !== index)
  else put(index, area)
}
const STEP = 4
function press(event: KeyboardEvent, index: number) {
  const a = areas.value[index]!
  const [dx, dy] = { ArrowLeft: [-STEP, 0], ArrowRight: [STEP, 0], ArrowUp: [0, -STEP], ArrowDown: [0, STEP] }[
    event.key
  ] ?? [0, 0]
  if (event.key === 'Delete' || event.key === 'Backspace') areas.value = areas.value.filter((_, i) => i !== index)
  else if (dx === 0 && dy === 0) return
  else if (event.shiftKey) put(index, { ...a, width: a.width + dx!, height: a.height + dy! })
  else put(index, { ...a, x: a.x + dx!, y: a.y + dy! })
  event.preventDefault()
}
const boxOf = (a: Area) => ({
  left: `${(a.x / picture.width) * 100}%`,
  top: `${(a.y / picture.height) * 100}%`,
  width: `${(a.width / picture.width) * 100}%`,
  height: `${(a.height / picture.height) * 100}%`,
})
</script>

<template>
  <div class="marked" @pointerdown="begin" @pointermove="go" @pointerup="end" @pointercancel="end">
    <canvas ref="canvas" :width="picture.width" :height="picture.height" aria-hidden="true" />
    <button
      v-for="(area, i) in areas"
      :key="i"
      type="button"
      class="area"
      :style="boxOf(area)"
      :aria-label="`${labels[i] ?? 'Area'}, marked: arrows move it, with shift they size it, delete takes it away`"
      @keydown="press($event, i)"
    >
      <span aria-hidden="true">{{ marks[i] }}</span>
    </button>
  </div>
</template>

<style scoped>
.marked {
  position: relative;
  touch-action: none;
  user-select: none;
  cursor: crosshair;
  line-height: 0;
  justify-self: start;
}
canvas {
  max-width: 100%;
  max-height: 44vh;
}
.area {
  position: absolute;
  background: none;
  border: 2px solid #fff;
  outline: 2px solid #000;
  line-height: 1;
  cursor: move;
}
.area:focus-visible {
  outline-width: 4px;
}
.area span {
  position: absolute;
  left: 0;
  top: 0;
  background: #000;
  color: #fff;
  font-size: 0.8rem;
  padding: 3px 5px;
}
</style>
