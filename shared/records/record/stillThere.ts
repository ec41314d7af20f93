import * as is from '../../checks/rules'

/** Records that a device keeps something about. */
export class StillThereInput {
  @is.Ids(2000, 0) ids!: string[]
}

export interface StillThere {
  /** Ids without a record any more: of a person who was forgotten, a job that was deleted for good. */
  gone: string[]
}
