import { expose } from 'comlink'
import { fromCalendar, NoCalendar } from '#core/schedule/calendar'
import { morningOf, type MorningDay } from '#core/schedule/faces'
import { bends, shorter, type Bent } from '#core/schedule/shorter'
import { timetable, type Timetable } from '#core/schedule/timetable'

const work = {
  /** The latest start of a day; reports each better plan on the way. */
  plan: (day: MorningDay, timeLimitMs: number, found: (better: Timetable) => void) =>
    timetable(morningOf(day), { timeLimitMs, found: better => void found(better) }),
  bends: (day: MorningDay, eachMs: number, onEach: (bent: Bent) => void) =>
    bends(day, eachMs, bent => void onEach(bent)),
  /** What a calendar file holds; null for what is none. */
  calendar: async (file: File) => {
    try {
      return fromCalendar(await file.text())
    } catch (problem) {
      if (problem instanceof NoCalendar) return null
      throw problem
    }
  },
  shorter: (day: MorningDay, notBefore: number, eachMs: number) => shorter(day, notBefore, eachMs),
}
export type TimetableWork = typeof work

expose(work)
