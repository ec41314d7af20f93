import { WornRequest } from '#shared/compute/requests'
import { computeRoute } from '../../utils/handlers'

export default computeRoute('worn', WornRequest)
