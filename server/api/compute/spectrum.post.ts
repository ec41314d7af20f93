import { SpectrumRequest } from '#shared/compute/requests'
import { computeRoute } from '../../utils/handlers'

export default computeRoute('spectrum', SpectrumRequest)
