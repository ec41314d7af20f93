import { FillInput } from '#shared/records/kit/standards'
import { fillGap } from '../../services/plans/standards'
import { withComputing } from '../../utils/handlers'

export default withComputing(FillInput, (input, _event, asking) => fillGap(input, asking))
