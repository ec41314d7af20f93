import { ReachRequest } from '#shared/compute/requests'
import { computeRoute } from '../../utils/handlers'

export default computeRoute('reach', ReachRequest)
