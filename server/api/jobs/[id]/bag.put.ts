import { BagInput } from '#shared/records/days/bags'
import { setBag } from '../../../services/days/packing'
import { idOf, withBody } from '../../../utils/handlers'

export default withBody(BagInput, (input, event) => setBag(idOf(event), input))
