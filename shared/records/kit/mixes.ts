import { DropsDto, LabDto } from '../../compute/parts'
import * as is from '../../checks/rules'

/** A mix held to the meter. */
export class MixShotInput {
  @is.Many(() => DropsDto, 4, 1) @is.Distinct('id') drops!: DropsDto[]
}

/** A mix as it was made, and the colour it was measured at once set. */
export class MeasuredMixInput extends MixShotInput {
  @is.Colour(() => LabDto) lab!: LabDto
}

export interface MeasuredMixRecord extends MeasuredMixInput {
  id: string
  at: string
  /** Names as they were when it was measured: a bottle may have left the kit since. */
  names: Record<string, string>
}
