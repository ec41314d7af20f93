import { defineStore } from 'pinia'
import { ref } from 'vue'
import { orderVersion } from '#shared/records/days/jobs'
import type { BookingInput, CutsInput, Job, JobInput, JobLine, NewBookingInput } from '#shared/records/days/jobs'
import type { BagInput } from '#shared/records/days/bags'
import type { QuoteInput } from '#shared/records/days/quotes'
import type { WrapFacts, WrapInput } from '#shared/records/days/wraps'
import { plain } from '#shared/checks/validate'
import { api, outcomeOf } from '~/asking/api'
import { useFaces } from './faces'
import { jobPacking } from './parts/jobPacking'

/** Days of work: the list of them, and the one that is open. */
export const useJobs = defineStore('jobs', () => {
  const lines = ref<JobLine[]>([])
  const open = ref<Job | null>(null)

  async function load(): Promise<void> {
    lines.value = await api('get', '/api/jobs')
  }
  async function show(id: string): Promise<void> {
    open.value = await api('get', '/api/jobs/:id', { id })
  }
  /** Everything again that an act on this job may have changed. */
  async function again(faceIds: readonly string[] = []): Promise<void> {
    const { id } = open.value ?? {}
    await Promise.all([load(), id ? show(id) : undefined, ...faceIds.map(f => useFaces().reload(f))])
  }
  const faceIds = () => open.value?.bookings.map(b => b.faceId) ?? []

  async function add(input: JobInput): Promise<Job> {
    const job = await api('post', '/api/jobs', {}, { body: plain(input) })
    await load()
    return job
  }
  /** Several days as one act. */
  async function addMany(jobs: JobInput[]): Promise<void> {
    await api('post', '/api/jobs/many', {}, { body: plain({ jobs }) })
    await load()
  }
  async function change(id: string, input: JobInput): Promise<void> {
    open.value = await api('put', '/api/jobs/:id', { id }, { body: plain(input) })
    await again(faceIds())
  }
  async function remove(id: string): Promise<void> {
    const touched = faceIds()
    await api('delete', '/api/jobs/:id', { id })
    open.value = null
    await again(touched)
  }
  async function addFace(input: NewBookingInput): Promise<void> {
    await api('post', '/api/bookings', {}, { body: plain(input) })
    await again([input.faceId])
  }
  async function changeBooking(id: string, faceId: string, input: BookingInput): Promise<void> {
    await api('put', '/api/bookings/:id', { id }, { body: plain(input) })
    await again([faceId])
  }
  async function removeFace(id: string, faceId: string): Promise<void> {
    await api('delete', '/api/bookings/:id', { id })
    await again([faceId])
  }
  /** @param keep whether they sit down in this order, whatever it costs; left out, that stays as it is */
  async function order(id: string, ids: string[], keep?: boolean): Promise<void> {
    const version = open.value?.id === id ? orderVersion(open.value) : undefined
    const outcome = await outcomeOf(api('put', '/api/jobs/:id/order', { id }, { body: { ids, keep, version } }))
    if (outcome.ok) open.value = outcome.value
    else {
      // Another device changed the day meanwhile: show the day as it is now.
      if (outcome.refused?.today) open.value = await api('get', '/api/jobs/:id', { id })
      throw outcome.refused ?? new Stopped()
    }
  }
  /** Leaves something out on some of the job. */
  async function cut(id: string, cuts: CutsInput['cuts']): Promise<void> {
    open.value = await api('post', '/api/jobs/:id/cuts', { id }, { body: { cuts } })
  }
  /** How it is packed. */
  async function pack(id: string, bag: BagInput): Promise<void> {
    open.value = await api('put', '/api/jobs/:id/bag', { id }, { body: plain(bag) })
  }
  async function quote(id: string, input: QuoteInput): Promise<void> {
    open.value = await api('put', '/api/jobs/:id/quote', { id }, { body: plain(input) })
  }
  /** Closes it; what was taken shows on the card of everybody on it. */
  async function wrap(id: string, input: WrapInput): Promise<void> {
    open.value = await api('post', '/api/jobs/:id/wrap', { id }, { body: plain(input) })
    await again(faceIds())
  }
  async function changeWrap(id: string, facts: WrapFacts): Promise<void> {
    open.value = await api('put', '/api/jobs/:id/wrap', { id }, { body: plain(facts) })
  }
  /** The same once more, on a day to come. */
  async function repeat(id: string): Promise<string> {
    const again = await api('post', '/api/jobs/:id/again', { id })
    await load()
    return again.id
  }
  /** The day after, with the same people, made up as on this one. */
  async function nextDay(id: string): Promise<string> {
    const next = await api('post', '/api/jobs/:id/next-day', { id })
    await load()
    return next.id
  }
  return {
    ...jobPacking(show),
    addMany,
    cut,
    nextDay,
    pack,
    quote,
    repeat,
    wrap,
    changeWrap,
    lines,
    open,
    load,
    show,
    again,
    add,
    change,
    remove,
    addFace,
    changeBooking,
    removeFace,
    order,
  }
})
