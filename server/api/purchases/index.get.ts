import { allPurchases } from '../../services/buys'

export default defineEventHandler(() => allPurchases())
