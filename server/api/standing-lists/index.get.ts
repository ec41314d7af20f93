import { allStandingLists } from '../../services/standingLists'

export default defineEventHandler(() => allStandingLists())
