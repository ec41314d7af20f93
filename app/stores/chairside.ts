import { defineStore } from 'pinia'
import { toRefs } from 'vue'
import { kept } from '~/asking/kept'
import { emptyWalkUp, type WalkUp } from '#shared/asked/walkUp'

const KEPT_AT = 'varietas.chairside'
interface Kept {
  on: boolean
  walkUp: WalkUp
  /** Keys of the layers that lie on a face already, by face. */
  done: Record<string, string[]>
}

/** What this device is at: large type at the chair, the walk-up being asked, and which layers lie on whom. */
export const useChairside = defineStore('chairside', () => {
  const { on, walkUp, done } = toRefs(kept(KEPT_AT, nothing(), read).value)

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

const nothing = (): Kept => ({ on: false, walkUp: emptyWalkUp(), done: {} })
const read = (found: Partial<Kept>): Kept => ({ ...nothing(), ...found, walkUp: { ...emptyWalkUp(), ...found.walkUp } })
