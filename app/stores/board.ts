import { today } from '#shared/today'
import type { OwnedKind } from '#core/stock/things/kinds'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { Thing } from '#core/stock/things/thing'
import type { Board, BoardPlace, ChangeThingsInput, MoveInput, PlaceInput } from '#shared/records/kit/things'
import { plain } from '#shared/checks/validate'
import { api, outcomeOf } from '~/asking/api'

const EMPTY: Board = {
  places: [],
  nowhere: { here: { count: 0, massG: 0, roomMl: 0, worthMinor: 0 }, things: [] },
  count: 0,
  placesUsed: 0,
  retired: 0,
  past: 0,
  notices: [],
}

// Longer than it takes to open: the server was out of reach meanwhile.
const EARLY_MS = 10_000

/** The kit as it stands, place by place; a moved thing shows in its new place at once, then the server is asked. */
export const useBoard = defineStore('board', () => {
  const board = shallowRef<Board>(EMPTY)
  const state = ref<'loading' | 'ready' | 'failed'>('loading')
  const problem = ref('')

  const placeById = computed(() => new Map(board.value.places.map(p => [p.id, p])))
  const things = computed(
    () => new Map([...board.value.places, board.value.nowhere].flatMap(p => p.things.map(t => [t.id, t] as const))),
  )

  /** Names of a place and of those it stands in, the outermost first. */
  function pathOf(id: string | null): string[] {
    const place = id === null ? undefined : placeById.value.get(id)
    return place ? [...pathOf(place.parentId === place.id ? null : place.parentId), place.name] : []
  }

  let early: { asked: Promise<void>; atMs: number } | undefined
  /** Asks for it before the page is there, where the application opens with it. */
  function openEarly(): Promise<void> {
    early = { asked: load(), atMs: Date.now() }
    return early.asked
  }
  /** What was asked for early is good once, for as long as it takes to open; else it is asked for anew. */
  async function open(): Promise<void> {
    const before = early
    early = undefined
    await before?.asked
    if (!before || state.value === 'failed' || Date.now() - before.atMs > EARLY_MS) await load()
  }
  async function load(): Promise<void> {
    const outcome = await outcomeOf(api('get', '/api/things/board'))
    if (outcome.ok) board.value = outcome.value
    else problem.value = outcome.refused?.message ?? ''
    state.value = outcome.ok ? 'ready' : 'failed'
  }

  /** A thing is shown where it was dropped before the server has answered; the answer replaces that. */
  function moveHere(ids: ReadonlySet<string>, placeId: string | null): void {
    const moved: Thing[] = [...ids].flatMap(id => things.value.get(id) ?? []).map(t => ({ ...t, placeId }))
    const without = <P extends { things: Thing[] }>(place: P): P =>
      place.things.some(t => ids.has(t.id)) ? { ...place, things: place.things.filter(t => !ids.has(t.id)) } : place
    const withThem = (place: BoardPlace): BoardPlace => {
      const rest = without(place)
      return place.id === placeId ? { ...rest, things: [...rest.things, ...moved] } : rest
    }
    board.value = {
      ...board.value,
      places: board.value.places.map(withThem),
      nowhere: without(board.value.nowhere),
    }
  }

  async function move(units: MoveInput['units'], placeId: string | null): Promise<void> {
    if (units.every(u => u.count === undefined)) moveHere(new Set(units.map(u => u.id)), placeId)
    try {
      await api('post', '/api/things/move', {}, { body: { units, placeId } })
    } finally {
      await load()
    }
  }

  /** Versions that this page wrote itself and has not read anew yet, by thing or pan. */
  const written = new Map<string, number>()
  async function setLevel(of: { id: string; version: number; fillId?: string }, level: number): Promise<void> {
    const { id, fillId = null } = of
    const key = fillId ?? id
    const version = Math.max(of.version, written.get(key) ?? 0)
    const done = await api('put', '/api/units/:id/level', { id }, { body: { level, fillId, version } })
    written.set(key, done.version)
  }
  const weigh = (id: string) => api('post', '/api/devices/simulated-scale/:id', { id }, { body: {} })
  async function retire(ids: string[], retired: boolean, why = ''): Promise<void> {
    await api('post', '/api/things/retire', {}, { body: { ids, retired, why } })
  }
  async function change(input: ChangeThingsInput): Promise<void> {
    await api('post', '/api/things/change', {}, { body: plain(input) })
  }
  const usedLately = (id: string) => api('post', '/api/things/:id/used', { id }, { body: { on: today() } })
  const changeKind = (id: string, kind: OwnedKind) => api('put', '/api/things/:id/kind', { id }, { body: { kind } })
  async function addPlace(input: PlaceInput): Promise<void> {
    await api('post', '/api/places', {}, { body: plain(input) })
  }
  async function changePlace(id: string, input: PlaceInput): Promise<void> {
    await api('put', '/api/places/:id', { id }, { body: plain(input) })
  }
  async function removePlace(id: string): Promise<void> {
    await api('delete', '/api/places/:id', { id })
  }
  async function sort(): Promise<void> {
    await api('post', '/api/things/sort')
  }

  return {
    board,
    state,
    problem,
    placeById,
    things,
    pathOf,
    openEarly,
    open,
    load,
    move,
    setLevel,
    weigh,
    retire,
    change,
    changeKind,
    usedLately,
    addPlace,
    changePlace,
    removePlace,
    sort,
  }
})
