import { today } from '#shared/today'
import { allJobs } from '../../services/jobs/jobs'

export default defineEventHandler(() => allJobs(today()))
