import { allStandards } from '../../services/standards'

export default defineEventHandler(() => allStandards())
