import { computed, onMounted, ref } from 'vue'
import { merged, type Tick } from '#core/schedule/ticks'
import { isKeptTooLong } from '#shared/asked/along'
import { aboutOf } from '#shared/dayTicks'
import { api, outcomeOf } from '../asking/api'
import { useAgain } from '../asking/useAgain'

const AGAIN_MS = 15_000
const keptAt = (jobId: string) => `varietas.ticks.${jobId}`

interface Kept {
  ticks: Tick[]
  /** Keys that the server has not heard of. */
  unsent: string[]
}
function read(jobId: string): Kept {
  try {
    const { ticks, unsent } = JSON.parse(localStorage.getItem(keptAt(jobId)) ?? '') as Kept
    if (!Array.isArray(ticks) || !Array.isArray(unsent)) return { ticks: [], unsent: [] }
    // An earlier version wrote nothing with them.
    return { ticks: ticks.map(t => ({ ...t, text: t.text ?? '' })), unsent }
  } catch {
    return { ticks: [], unsent: [] }
  }
}

const keptKeys = () => Object.keys(localStorage).filter(k => k.startsWith(keptAt('')))
const jobIn = (key: string) => key.slice(keptAt('').length)
/** A browser that keeps nothing has nothing to drop. */
function whereKept(work: () => void): void {
  try {
    work()
  } catch {
    // Not allowed on this device.
  }
}

/** Drops what the server has heard of jobs that are not taken along on this device, and what has been here too long: notes are about people. */
export function dropOldTicks(alongIds: readonly string[], nowMs = Date.now()): void {
  whereKept(() => {
    for (const key of keptKeys()) {
      const { ticks, unsent } = read(jobIn(key))
      const isOld = ticks.every(t => isKeptTooLong(t.at, nowMs))
      if (isOld || (!alongIds.includes(jobIn(key)) && unsent.length === 0)) localStorage.removeItem(key)
    }
  })
}

/** Ids of the jobs and bookings that something is ticked about on this device. */
export function ticksAbout(): string[] {
  const ids = new Set<string>()
  whereKept(() => {
    for (const key of keptKeys()) {
      ids.add(jobIn(key))
      for (const tick of read(jobIn(key)).ticks) {
        const about = aboutOf(tick.key)
        if (about && 'bookingId' in about) ids.add(about.bookingId)
      }
    }
  })
  return [...ids]
}

/** Drops what is ticked about jobs and bookings that are gone. */
export function dropTicksAbout(gone: ReadonlySet<string>): void {
  whereKept(() => {
    for (const key of keptKeys()) {
      const { ticks, unsent } = read(jobIn(key))
      const stays = (tickKey: string) => {
        const about = aboutOf(tickKey)
        return !about || !('bookingId' in about) || !gone.has(about.bookingId)
      }
      if (gone.has(jobIn(key))) localStorage.removeItem(key)
      else if (!ticks.every(t => stays(t.key)))
        localStorage.setItem(
          key,
          JSON.stringify({ ticks: ticks.filter(t => stays(t.key)), unsent: unsent.filter(stays) }),
        )
    }
  })
}

/** Ticks of a job's list: kept on this device at once, and sent to the server as soon as it answers. */
export function useTicks(jobId: string) {
  const kept = ref<Kept>(read(jobId))
  const away = ref(false)
  const ticked = computed(() => kept.value.ticks.filter(t => t.done))
  const done = computed(() => new Set(ticked.value.map(t => t.key)))
  const unsent = computed(() => kept.value.unsent.length)
  let isSending = false

  function keep(now: Kept): void {
    kept.value = now
    try {
      localStorage.setItem(keptAt(jobId), JSON.stringify(now))
    } catch {
      // A browser that keeps nothing still ticks as long as the page is open.
    }
  }
  function tick(key: string, isDone: boolean, text = ''): void {
    const word: Tick = { key, done: isDone, at: new Date().toISOString(), text }
    const rest = kept.value.ticks.filter(t => t.key !== key)
    keep({ ticks: [...rest, word], unsent: [...new Set([...kept.value.unsent, key])] })
    void tell()
  }
  /** Sends ticks the server does not have yet, and takes those of other devices. */
  async function tell(): Promise<void> {
    if (isSending) return
    isSending = true
    const told = kept.value.ticks.filter(t => kept.value.unsent.includes(t.key))
    const sending = { body: { ticks: told }, quiet: true, mayRepeat: true }
    const heard = await outcomeOf(() =>
      told.length > 0
        ? api('post', '/api/jobs/:id/ticks', { id: jobId }, sending)
        : api('get', '/api/jobs/:id/ticks', { id: jobId }),
    ).finally(() => {
      isSending = false
    })
    away.value = !heard.ok
    if (heard.ok) {
      // What was ticked while it was on its way is not heard of yet.
      const isHeard = (key: string) => told.some(t => t.key === key && kept.value.ticks.includes(t))
      const unsent = kept.value.unsent.filter(key => !isHeard(key))
      // What the server has heard of is as it says, and is dropped here where it is about somebody who is gone; what it has not stands.
      const mine = kept.value.ticks.filter(t => unsent.includes(t.key))
      keep({ ticks: merged(heard.value, mine), unsent })
    } else if (heard.refused?.status === 404) {
      // The job was deleted, and its ticks with it.
      kept.value = { ticks: [], unsent: [] }
      localStorage.removeItem(keptAt(jobId))
    }
    if (kept.value.unsent.length > 0 && !away.value) void tell()
  }

  onMounted(() => void tell())
  useAgain(tell, AGAIN_MS)
  return { ticked, done, unsent, away, tick, tell }
}
