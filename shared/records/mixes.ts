import { Type } from 'class-transformer'
import { IsObject, ValidateNested } from 'class-validator'
import { DropsDto, LabDto } from '../compute/parts'
import { Distinct, ListOf } from '../rules'

/** A mix held to the meter. */
export class MixShotInput {
  @ListOf(4, 1) @Distinct('id') @ValidateNested({ each: true }) @Type(() => DropsDto) drops!: DropsDto[]
}

/** A mix as it was made, and the colour it was measured at once set. */
export class MeasuredMixInput extends MixShotInput {
  @IsObject({ message: 'must be a colour with L, a and b' }) @ValidateNested() @Type(() => LabDto) lab!: LabDto
}

export interface MeasuredMixRecord extends MeasuredMixInput {
  id: string
  at: string
  /** Names as they were when it was measured: a bottle may have left the kit since. */
  names: Record<string, string>
}
