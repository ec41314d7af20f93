import { pictureBytes } from '../../services/people/pictures'
import { idOf } from '../../utils/handlers'

export default defineEventHandler(async event => {
  const { type, bytes } = await pictureBytes(idOf(event))
  setResponseHeaders(event, {
    'content-type': type,
    'x-content-type-options': 'nosniff',
    'content-security-policy': "default-src 'none'",
    'cache-control': 'private, no-store',
  })
  return bytes
})
