import type { KeepingAnswer } from '#shared/records/record/keeping'
import { demoHere } from '../../start/demoBeside'
import { keepingState } from '../../keeping/keeping'

export default defineEventHandler(async (): Promise<KeepingAnswer> => ({ ...(await keepingState()), demo: demoHere() }))
