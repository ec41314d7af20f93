import { GearInput } from '#shared/records/kit/gear'
import { addGear } from '../../services/kit/gear'
import { withBody } from '../../utils/handlers'

export default withBody(GearInput, addGear)
