import { IngredientsRequest } from '#shared/compute/requests'
import { computeRoute } from '../../utils/handlers'

export default computeRoute('ingredients', IngredientsRequest)
