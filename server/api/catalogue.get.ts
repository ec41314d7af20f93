import { catalogue } from '../services/buys'

export default defineEventHandler(() => catalogue())
