import { MINUTE_MS } from '#core/time'
import { useNow } from '@vueuse/core'
import { momentAfter } from '#core/schedule/clock'
import { asWorked, withWhatGoesToo, type Worked } from '#core/plan/asWorked'
import { madeUp, nextRow, running, type Progress } from '#core/schedule/running'
import type { SlotId } from '#core/asked/slots'
import { sequenceOf } from '#core/plan/described/sequence'
import type { ChairFace } from '#shared/records/people/chairs'
import { onKey, stepKey, workedBy } from '#shared/dayTicks'
import type { Job } from '#shared/records/days/jobs'
import { api } from '../asking/api'
import { chairMarks, chairNotes, chairTimes } from './chairDay'
import { useAsked } from '../asking/useAsked'
import { useMorning } from './useMorning'
import { useTicks } from './useTicks'

/** A day that runs into the night is the same day. */
const LONGEST_DAY = 30 * 60

/** A job's day while it runs: who sits, what lies on whom, and how the rest of it goes. */
export function useChairDay(job: () => Job) {
  const asked = useAsked(
    () => job().id,
    (id, signal) => api('get', '/api/jobs/:id/chair', { id }, { signal }),
  )
  const { value: chair } = asked
  const { morning, plan } = useMorning(() => job().id, true)
  const ticks = useTicks(job().id)
  const clock = useNow({ interval: 10_000 })

  /** Minutes from midnight where the job is, of a moment in ms. */
  const minuteOf = (ms: number) => {
    const midnight = momentAfter(job(), 0)
    return midnight === null ? null : (ms - midnight) / MINUTE_MS
  }
  /** Now, on the day itself; null on any other. */
  const now = computed(() => {
    const at = minuteOf(clock.value.getTime())
    return at !== null && at >= 0 && at <= LONGEST_DAY ? at : null
  })
  const tickedAt = computed(() => new Map(ticks.ticked.value.map(t => [t.key, minuteOf(Date.parse(t.at)) ?? 0])))
  const isOn = (bookingId: string, key: string) => ticks.done.value.has(onKey(bookingId, key))

  const worked = computed(() => workedBy(ticks.ticked.value))
  const nothing: Worked = { cut: [], instead: new Map() }
  /** Everybody as they are made up today: with what went on instead. */
  const faces = computed(() =>
    (chair.value?.faces ?? []).map(face => {
      const { instead } = worked.value.get(face.bookingId) ?? nothing
      return { ...face, plan: face.plan && asWorked(face.plan, { cut: [], instead }) }
    }),
  )
  const progress = computed((): Progress => {
    const done = new Map<string, number>()
    for (const [key, at] of tickedAt.value) if (key.startsWith('done ')) done.set(key.slice('done '.length), at)
    const cuts = [...worked.value].flatMap(([faceId, { cut }]) => cut.map(slot => ({ faceId, slot })))
    return { done, cuts }
  })
  const day = computed(() => {
    if (!morning.value || !plan.value) return null
    return running(morning.value.day, plan.value, progress.value, now.value ?? -Infinity)
  })
  const lies = (bookingId: string, slot: SlotId) =>
    faces.value.find(f => f.bookingId === bookingId)?.plan?.layers.some(l => l.slot === slot && isOn(bookingId, l.key))
    ?? false
  const mend = computed(() =>
    morning.value && plan.value && now.value !== null
      ? madeUp(morning.value.day, plan.value, progress.value, now.value, lies)
      : null,
  )
  const upNext = computed(() => (day.value ? nextRow(day.value.rows) : undefined))
  /** What is left out on a face, planned or today. */
  const cutOn = (bookingId: string) =>
    withWhatGoesToo([
      ...(morning.value?.day.faces.find(f => f.id === bookingId)?.cut ?? []),
      ...progress.value.cuts.filter(c => c.faceId === bookingId).map(c => c.slot),
    ])

  /** What is done on a face in its order, without what is left out on it; and what is done later in the day. */
  const turnsOf = ({ bookingId, plan }: ChairFace) => {
    if (!plan) return []
    const cut = cutOn(bookingId)
    return sequenceOf(plan)
      .face.filter(t => !t.layer || !cut.includes(t.layer.slot))
      .map(t => ({ ...t, key: t.layer?.key ?? stepKey(t.step!.id) }))
  }
  const laterOn = ({ plan }: ChairFace) => (plan ? sequenceOf(plan).later : [])
  const counted = (face: ChairFace) => {
    const turns = turnsOf(face)
    return { of: turns.length, on: turns.filter(t => isOn(face.bookingId, t.key)).length }
  }
  const blocks = (bookingId: string) => plan.value?.rows.filter(r => r.faceId === bookingId).map(r => r.block) ?? []
  const isLook = (bookingId: string, block: number) => {
    const booked = morning.value?.day.faces.find(f => f.id === bookingId)
    return Boolean(booked?.lead && booked.chair.touchUp > 0) && block > 0 && block === Math.max(...blocks(bookingId))
  }
  /** The block a face is finished with, but for a look before leaving. */
  const mainBlock = (bookingId: string) => Math.max(0, ...blocks(bookingId).filter(b => !isLook(bookingId, b)))

  const settlingOf = (bookingId: string) => morning.value?.day.faces.find(f => f.id === bookingId)?.chair.settles ?? 0

  return {
    ...chairMarks({ ticks, chair, turnsOf, laterOn, mainBlock, blocks, isOn }),
    ...chairTimes({ now, tickedAt, turnsOf, mainBlock, settles: settlingOf }),
    ...chairNotes(ticks),
    asked,
    chair,
    morning,
    plan,
    ticks,
    now,
    day,
    mend,
    upNext,
    progress,
    isOn,
    isLook,
    mainBlock,
    faces,
    laterOn,
    cutOn,
    counted,
  }
}
