import { StillThereInput } from '#shared/records/stillThere'
import { stillThere } from '../../services/record/stillThere'
import { withBody } from '../../utils/handlers'

export default withBody(StillThereInput, stillThere)
