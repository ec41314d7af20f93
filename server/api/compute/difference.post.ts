import { DifferenceRequest } from '#shared/compute/requests'
import { computeRoute } from '../../utils/handlers'

export default computeRoute('difference', DifferenceRequest)
