import { MixShotInput } from '#shared/records/kit/mixes'
import { readMix } from '../../../services/kit/mixes'
import { withBody } from '../../../utils/handlers'

export default withBody(MixShotInput, async input => ({ lab: await readMix(input) }))
