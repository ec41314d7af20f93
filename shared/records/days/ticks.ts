import * as is from '../../checks/rules'

export class TickInput {
  /** What it is about: see shared/dayTicks.ts. */
  @is.Name(300) key!: string
  @is.YesNo() done!: boolean
  /** When it was ticked, by the clock of that device. */
  @is.Given() @is.Moment() at!: string
  /** What was written with it: a note at the chair. */
  @is.Text(0, 500) text: string = ''
}

/** What was ticked on a device since it last heard of the others. */
export class TicksInput {
  @is.Many(() => TickInput, 2000) @is.Distinct('key') ticks!: TickInput[]
}
