import { ImportInput } from '#shared/records/kit/imported'
import { importThings } from '../../services/data/imported'
import { withBody } from '../../utils/handlers'
import { MOST_BYTES } from '../../utils/readJson'

export default withBody(ImportInput, importThings, MOST_BYTES)
