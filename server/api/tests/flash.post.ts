import { FlashTestInput } from '#shared/records/people/plans'
import { withBody } from '../../utils/handlers'
import { addFlashTest } from '../../services/plans/plans'

export default withBody(FlashTestInput, addFlashTest)
