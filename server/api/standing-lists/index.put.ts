import { StandingListInput } from '#shared/records/kit/standingLists'
import { keepStandingList } from '../../services/kit/standingLists'
import { withBody } from '../../utils/handlers'

export default withBody(StandingListInput, input => keepStandingList(input))
