import { ListedInput } from '#shared/records/listed'
import { addListed } from '../../services/listed'
import { withBody } from '../../utils/handlers'

export default withBody(ListedInput, addListed)
