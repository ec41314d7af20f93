import { ChangeThingsInput } from '#shared/records/kit/things'
import { changeThings } from '../../services/record/together'
import { withBody } from '../../utils/handlers'
import { MOST_BYTES } from '../../utils/readJson'

export default withBody(ChangeThingsInput, input => changeThings(input), MOST_BYTES)
