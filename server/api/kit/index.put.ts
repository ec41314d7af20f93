import { ChangeAllInput } from '#shared/records/kit/kit'
import { changeAll } from '../../services/kit/kit'
import { withBody } from '../../utils/handlers'

export default withBody(ChangeAllInput, changeAll)
