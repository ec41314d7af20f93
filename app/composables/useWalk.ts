import { nextTick, ref } from 'vue'

const STEPS: Partial<Record<string, number>> = { ArrowDown: 1, ArrowRight: 1, ArrowUp: -1, ArrowLeft: -1 }

/** The member of a ring an arrow key leads to; undefined for every other key. */
export function walked<T>(ring: readonly T[], from: T, key: string): T | undefined {
  const step = STEPS[key]
  return step === undefined ? undefined : ring[(ring.indexOf(from) + step + ring.length) % ring.length]
}
/** Areas of a drawing that the arrow keys walk through: each carries its name as data-area. */
export function useWalk<T extends string>(ring: readonly T[], from: () => T, select: (to: T) => void) {
  const root = ref<SVGElement>()
  function walk(event: KeyboardEvent): void {
    const next = walked(ring, from(), event.key)
    if (!next) return
    event.preventDefault()
    select(next)
    void nextTick(() => root.value?.querySelector<SVGElement>(`[data-area="${next}"]`)?.focus())
  }
  return { root, walk }
}
