import { GearInput } from '#shared/records/gear'
import { addGear } from '../../services/kit/gear'
import { withBody } from '../../utils/handlers'

export default withBody(GearInput, addGear)
