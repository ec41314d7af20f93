import type { HeldLine, Held } from '#core/stock/handling/standingList'
import * as is from '../../checks/rules'

/* Standing lists as they are written and read: the core kit, and variants as changes against it. */

export class ListLineInput {
  @is.Id() productId!: string
  /** Of the core so many; of a variant so many more, or fewer. */
  @is.Whole(-10_000, 10_000) count!: number
}

export class StandingListInput {
  @is.Id() id!: string
  @is.Name(60) name!: string
  @is.Many(() => ListLineInput, 2000) @is.Distinct('productId') lines!: ListLineInput[]
  @is.MadeFrom() version?: number
}

/** A list, and which of its things are packed today. */
export interface StandingListLine {
  id: string
  name: string
  isCore: boolean
  /** As they are written: of a variant the changes. */
  changes: { productId: string; count: number }[]
  lines: HeldLine[]
  surplus: (Held['surplus'][number] & { name: string })[]
  massG: number
  roomMl: number
  version: number
}
