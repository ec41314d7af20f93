import { currencyOf } from '../services/record/currency'
import { settings } from '../services/record/settings'

export default defineEventHandler(async event => {
  const kept = await settings()
  return { ...kept, currency: kept.currency || currencyOf(event.headers.get('accept-language')) }
})
