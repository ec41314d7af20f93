import { ChangeThingsInput } from '#shared/records/things'
import { changeThings } from '../../services/together'
import { withBody } from '../../utils/handlers'

export default withBody(ChangeThingsInput, input => changeThings(input))
