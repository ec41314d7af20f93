import * as is from '../../checks/rules'

/** Records that a device keeps something about. */
export class StillThereInput {
  @is.Ids(2000, 0) ids!: string[]
}

export interface StillThere {
  /** Those that are no records any more: somebody was forgotten, a job taken away for good. */
  gone: string[]
}
