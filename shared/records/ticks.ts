import { Distinct, Many, Moment, Name, Said, Text, YesNo } from '../checks/rules'

export class TickInput {
  /** What it is about: see shared/dayTicks.ts. */
  @Name(300) key!: string
  @YesNo() done!: boolean
  /** When it was ticked, by the clock of that device. */
  @Said() @Moment() at!: string
  /** What was written with it: a note at the chair. */
  @Text(0, 500) text: string = ''
}

/** What was ticked on a device since it last heard of the others. */
export class TicksInput {
  @Many(() => TickInput, 2000) @Distinct('key') ticks!: TickInput[]
}
