import { promisify } from 'node:util'
import { gzip } from 'node:zlib'
import { getResponseHeader, setResponseHeader } from 'h3'

/** Below this packing costs more than it saves. */
const WORTH_BYTES = 2000
// Not brotli, which takes several megabytes for each answer that is being packed.
const pack = promisify(gzip)

/** Compresses answers for callers that accept it: lists of a kit are words that repeat. Static files are compressed at build time. */
export default defineNitroPlugin(nitro => {
  nitro.hooks.hook('beforeResponse', async (event, response) => {
    const type = getResponseHeader(event, 'content-type')
    const bytes = event.path.startsWith('/api/') ? bytesOf(response.body, type) : null
    if (!bytes || bytes.length < WORTH_BYTES || getResponseHeader(event, 'content-encoding')) return
    setResponseHeader(event, 'vary', 'Accept-Encoding')
    if (!/\bgzip\b/.test(event.headers.get('accept-encoding') ?? '')) return
    response.body = await pack(bytes)
    if (type === undefined) setResponseHeader(event, 'content-type', 'application/json')
    setResponseHeader(event, 'content-encoding', 'gzip')
  })
})

/** What would be sent, where it is JSON or text; null for files, pictures and streams. */
function bytesOf(body: unknown, type: unknown): Buffer | null {
  if (type !== undefined && !/^(?:application\/json|text\/)/.test(String(type))) return null
  if (typeof body === 'string') return Buffer.from(body)
  if (Buffer.isBuffer(body)) return type === undefined ? null : body
  if (typeof body !== 'object' || body === null || 'pipe' in body || body instanceof Uint8Array) return null
  return Buffer.from(JSON.stringify(body))
}
