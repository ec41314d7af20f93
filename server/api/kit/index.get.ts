import { kit } from '../../services/kit'

export default defineEventHandler(() => kit())
