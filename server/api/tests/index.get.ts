import { allTests } from '../../services/plans'

export default defineEventHandler(() => allTests())
