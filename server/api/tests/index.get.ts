import { allTests } from '../../services/plans/plans'

export default defineEventHandler(() => allTests())
