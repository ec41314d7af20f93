import { LabDto } from '../../compute/parts'
import * as is from '../../checks/rules'

export class ShotInput {
  @is.Id() faceId!: string
  /** What the simulated meter is to see, for a face it does not know. */
  @is.Maybe()
  @is.Colour(() => LabDto)
  sees?: LabDto
}
