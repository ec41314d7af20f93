<script setup lang="ts">
import { DEPTH_WORDS } from '#core/stock/things/placement'
import { typicalSkin, type Undertone } from '#core/complexion/skins/skin'

/** Shades of a range along the depth scale, each to be dragged or moved by key; light on the left. */
const { shades } = defineProps<{
  name: string
  shades: readonly { key: string; label: string; depth: number; undertone: Undertone | null }[]
}>()
const emit = defineEmits<{ move: [at: number, depth: number] }>()

const LOW = 1
const HIGH = 12
const shareOf = (depth: number) => ((depth - LOW) / (HIGH - LOW)) * 100
const strip = useTemplateRef('strip')
const held = ref<number | null>(null)

function depthAt(x: number): number {
  const box = strip.value!.getBoundingClientRect()
  return LOW + Math.min(1, Math.max(0, (x - box.left) / box.width)) * (HIGH - LOW)
}
function take(at: number, event: PointerEvent) {
  held.value = at
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
}
const drag = (event: PointerEvent) => {
  if (held.value !== null) emit('move', held.value, depthAt(event.clientX))
}
const STEPS: Readonly<Record<string, number>> = {
  ArrowLeft: -0.1,
  ArrowDown: -0.1,
  ArrowRight: 0.1,
  ArrowUp: 0.1,
  PageDown: -1,
  PageUp: 1,
}
function step(at: number, event: KeyboardEvent) {
  const by = STEPS[event.key]
  if (by === undefined) return
  event.preventDefault()
  emit('move', at, shades[at]!.depth + by)
}
/** The last has no room at the edge; those between are left out where the strip is narrow. */
const words = Object.entries(DEPTH_WORDS).filter(([word]) => !word.includes(' '))
const BETWEEN = ['light', 'tan']
</script>

<template>
  <div class="depths" role="group" :aria-label="name">
    <div ref="strip" class="strip">
      <button
        v-for="(s, at) in shades"
        :key="s.key"
        type="button"
        class="shade"
        role="slider"
        :aria-label="s.label"
        :aria-valuemin="LOW"
        :aria-valuemax="HIGH"
        :aria-valuenow="s.depth"
        :aria-valuetext="`depth ${s.depth}`"
        :style="{ left: `${shareOf(s.depth)}%` }"
        @pointerdown="take(at, $event)"
        @pointermove="drag"
        @pointerup="held = null"
        @keydown="step(at, $event)"
      >
        <Swatch :lab="typicalSkin(s.depth, s.undertone ?? 'neutral')" :size="26" />
        <span class="num" :class="{ high: at % 2 === 1 }">{{ s.label }}</span>
      </button>
    </div>
    <p class="scale small" aria-hidden="true">
      <span
        v-for="[word, depth] in words"
        :key="word"
        :class="{ between: BETWEEN.includes(word) }"
        :style="{ left: `${shareOf(depth)}%` }"
        >{{ word }}</span
      >
    </p>
  </div>
</template>

<style scoped>
.depths {
  padding: 4px 22px;
}
.strip {
  position: relative;
  height: 74px;
  border-bottom: 1px solid var(--line);
}
.shade {
  position: absolute;
  bottom: 0;
  width: 44px;
  height: 74px;
  margin-left: -22px;
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: flex-end;
  gap: 2px;
  border: 0;
  padding: 0;
  background: none;
  touch-action: none;
  cursor: ew-resize;
}
.shade .num {
  order: -1;
  font-size: 0.8rem;
  white-space: nowrap;
}
.shade .high {
  padding-bottom: 18px;
}
.scale {
  position: relative;
  height: 1.6em;
  margin: 0;
}
.scale span {
  position: absolute;
  transform: translateX(-50%);
  white-space: nowrap;
}
@media (max-width: 760px) {
  .between {
    display: none;
  }
}
</style>
