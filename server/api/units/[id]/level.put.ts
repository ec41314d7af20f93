import { LevelInput } from '#shared/records/kit/kit'
import { setLevel } from '../../../services/kit/units'
import { idOf, withBody } from '../../../utils/handlers'

export default withBody(LevelInput, (input, event) => setLevel(idOf(event), input))
