import { backUp } from '../../keeping/keeping'

export default defineEventHandler(() => backUp('asked'))
