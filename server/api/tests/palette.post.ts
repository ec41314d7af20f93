import { PaletteTestInput } from '#shared/records/people/plans'
import { withBody } from '../../utils/handlers'
import { addPaletteTest } from '../../services/plans/plans'

export default withBody(PaletteTestInput, addPaletteTest)
