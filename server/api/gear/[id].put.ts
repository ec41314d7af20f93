import { GearInput } from '#shared/records/kit/gear'
import { changeGear } from '../../services/kit/gear'
import { idOf, withBody } from '../../utils/handlers'

export default withBody(GearInput, (input, event) => changeGear(idOf(event), input))
