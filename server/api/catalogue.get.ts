import { catalogue } from '../services/buying/buys'

export default defineEventHandler(() => catalogue())
