import { getQuery } from 'h3'
import { history } from '../../services/record/changes'

export default defineEventHandler(event => {
  const before = Number(getQuery(event).before)
  return history(Number.isSafeInteger(before) && before > 0 ? before : undefined)
})
