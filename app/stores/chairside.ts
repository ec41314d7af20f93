import { defineStore } from 'pinia'
import { ref, watch } from 'vue'
import { emptyWalkUp, type WalkUp } from '#shared/walkUp'

const KEPT_AT = 'varietas.chairside'
interface Kept {
  on: boolean
  walkUp: WalkUp
  done: Record<string, string[]>
}

/** What this device is at: large type at the chair, the walk-up being asked, and which layers lie on whom. */
export const useChairside = defineStore('chairside', () => {
  const kept = remembered()
  const on = ref(kept.on)
  const walkUp = ref<WalkUp>(kept.walkUp)
  /** Keys of the layers that lie on a face already, by face. */
  const done = ref<Record<string, string[]>>(kept.done)

  watch(
    [on, walkUp, done],
    () => {
      localStorage.setItem(
        KEPT_AT,
        JSON.stringify({ on: on.value, walkUp: walkUp.value, done: done.value } satisfies Kept),
      )
    },
    { deep: true },
  )

  const isDone = (faceId: string, key: string) => done.value[faceId]?.includes(key) ?? false
  function mark(faceId: string, key: string, lies: boolean): void {
    const others = (done.value[faceId] ?? []).filter(k => k !== key)
    done.value = { ...done.value, [faceId]: lies ? [...others, key] : others }
  }
  function startOver(faceId: string): void {
    const { [faceId]: _gone, ...others } = done.value
    done.value = others
  }
  function nextPerson(): void {
    walkUp.value = emptyWalkUp()
  }
  return { on, walkUp, done, isDone, mark, startOver, nextPerson }
})

function remembered(): Kept {
  const nothing = { on: false, walkUp: emptyWalkUp(), done: {} }
  try {
    const kept = JSON.parse(localStorage.getItem(KEPT_AT) ?? '{}') as Partial<Kept>
    return { ...nothing, ...kept, walkUp: { ...nothing.walkUp, ...kept.walkUp } }
  } catch {
    // Something else wrote there: a draft is not worth a page that does not open.
    return nothing
  }
}
