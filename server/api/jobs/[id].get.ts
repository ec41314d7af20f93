import { jobById } from '../../services/jobs/jobs'
import { idOf } from '../../utils/handlers'

export default defineEventHandler(event => jobById(idOf(event)))
