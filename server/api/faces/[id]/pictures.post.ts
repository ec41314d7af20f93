import { addPicture } from '../../../services/people/pictures'
import { acts, idOf } from '../../../utils/handlers'
import { readBytes } from '../../../utils/readJson'

const MOST_BYTES = 8_000_000

export default acts(async event => addPicture(idOf(event), await readBytes(event, MOST_BYTES)))
