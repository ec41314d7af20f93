import { LabDto } from '../compute/parts'
import { Colour, Id, Maybe } from '../checks/rules'

export class ShotInput {
  @Id() faceId!: string
  /** What the simulated meter is to see, for a face it does not know. */
  @Maybe()
  @Colour(() => LabDto)
  sees?: LabDto
}
