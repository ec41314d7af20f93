import { rangesOwned } from '../../services/kitList'

export default defineEventHandler(() => rangesOwned())
