import type { OwnUse } from '#core/bag/ownUse'
import type { YearLine } from '#core/money/year'
import * as is from '../../checks/rules'

export class YearQuery {
  /** Left out, this one. */
  @is.Maybe() @is.Whole(1900, 2200) year?: number
}

/** A year of closed jobs, and what was owned all along and never used. */
export interface YearAnswer {
  year: number
  /** Years in which a job was closed, the newest first. */
  years: number[]
  lines: YearLine[]
  all: YearLine
  /** Jobs of the year that are over and not closed. */
  open: { id: string; name: string; day: string }[]
  /** What is really thrown away, by the last closed jobs of any year. */
  own: OwnUse[]
  /** What goes on faces and went on nobody, the dearest first. */
  unused: { unitId: string; name: string; priceMinor: number | null; place: string | null }[]
  unusedMinor: number
}
