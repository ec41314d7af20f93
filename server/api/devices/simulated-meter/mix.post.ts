import { MixShotInput } from '#shared/records/mixes'
import { readMix } from '../../../services/mixes'
import { withBody } from '../../../utils/handlers'

export default withBody(MixShotInput, async input => ({ lab: await readMix(input) }))
