import { Type } from 'class-transformer'
import { IsObject, ValidateNested } from 'class-validator'
import { LabDto } from '../compute/parts'
import { Maybe, Name } from '../rules'

export class ShotInput {
  @Name(120) faceId!: string
  /** What the simulated meter is to see, for a face it does not know. */
  @Maybe()
  @IsObject({ message: 'must be a colour with L, a and b' })
  @ValidateNested()
  @Type(() => LabDto)
  sees?: LabDto
}
