import { rangesOwned } from '../../services/kit/kitList'

export default defineEventHandler(() => rangesOwned())
