import { allPurchases } from '../../services/buying/buys'

export default defineEventHandler(() => allPurchases())
