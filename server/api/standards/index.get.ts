import { allStandards } from '../../services/plans/standards'

export default defineEventHandler(() => allStandards())
