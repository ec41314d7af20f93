<script setup lang="ts">
/** Threads from a skin of the field to the bottles that make it, drawn over both. */
const props = defineProps<{ board: HTMLElement; skin: string; bottles: ReadonlySet<string> }>()
const paths = ref<string[]>([])

function draw(): void {
  const origin = props.board.getBoundingClientRect()
  const cell = props.board.querySelector(`[data-skin="${props.skin}"]`)?.getBoundingClientRect()
  if (!cell) return
  const x = cell.left + cell.width / 2 - origin.left
  const y = cell.bottom - origin.top
  paths.value = [...props.bottles].flatMap(id => {
    const bottle = props.board.querySelector(`[data-bottle="${id}"]`)?.getBoundingClientRect()
    if (!bottle) return []
    const tx = bottle.left + Math.min(22, bottle.width / 2) - origin.left
    const ty = bottle.top - origin.top + 2
    const bend = Math.max(20, (ty - y) * 0.5)
    return [`M${x} ${y}C${x} ${y + bend} ${tx} ${ty - bend} ${tx} ${ty}`]
  })
}

watch(
  () => [props.skin, [...props.bottles].join()],
  () => nextTick(draw),
  { immediate: true },
)
const observer = new ResizeObserver(draw)
onMounted(() => observer.observe(props.board))
onBeforeUnmount(() => observer.disconnect())
</script>

<template>
  <svg class="threads" aria-hidden="true"><path v-for="d in paths" :key="d" :d="d" /></svg>
</template>

<style scoped>
.threads {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  pointer-events: none;
  overflow: visible;
}
path {
  fill: none;
  stroke: var(--accent);
  stroke-width: 2;
}
@media (max-width: 760px) {
  .threads {
    display: none;
  }
}
</style>
