import { allStandingLists } from '../../services/kit/standingLists'

export default defineEventHandler(() => allStandingLists())
