import { today } from '#shared/today'
import { allJobs } from '../../services/jobs'

export default defineEventHandler(() => allJobs(today()))
