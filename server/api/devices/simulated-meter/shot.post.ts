import { ShotInput } from '#shared/records/people/meter'
import { readShot } from '../../../services/people/meter'
import { withBody } from '../../../utils/handlers'

export default withBody(ShotInput, async ({ faceId, sees }) => ({ lab: await readShot(faceId, sees) }))
