import { MatchRequest } from '#shared/compute/requests'
import { computeRoute } from '../../utils/handlers'

export default computeRoute('match', MatchRequest)
