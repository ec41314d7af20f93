import { keepingState } from '../../keeping/keeping'

export default defineEventHandler(() => keepingState())
