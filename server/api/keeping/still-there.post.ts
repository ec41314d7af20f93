import { StillThereInput } from '#shared/records/record/stillThere'
import { stillThere } from '../../services/record/stillThere'
import { withBody } from '../../utils/handlers'

export default withBody(StillThereInput, stillThere)
