import { onBeforeUnmount, ref, watch, type Ref } from 'vue'

/**
 * How much of a long list is drawn: a little at once, more with each frame until the goal is reached, so that the page never stands still.
 * @param goal how much is to be drawn
 * @param step how much of it in one frame
 */
export function useGradually(goal: () => number, step: number): Readonly<Ref<number>> {
  const drawn = ref(0)
  let frame = 0
  const more = () => {
    frame = 0
    drawn.value = Math.min(goal(), drawn.value + step)
    if (drawn.value < goal()) frame = requestAnimationFrame(more)
  }
  watch(
    goal,
    now => {
      if (now <= drawn.value) drawn.value = now
      else if (frame === 0) more()
    },
    { immediate: true },
  )
  onBeforeUnmount(() => cancelAnimationFrame(frame))
  return drawn
}
