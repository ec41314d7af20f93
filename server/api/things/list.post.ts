import { ListedInput } from '#shared/records/kit/listed'
import { addListed } from '../../services/kit/listed'
import { withBody } from '../../utils/handlers'
import { MOST_BYTES } from '../../utils/readJson'

export default withBody(ListedInput, addListed, MOST_BYTES)
