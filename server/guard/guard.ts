import { defineEventHandler, setResponseHeaders, type H3Event } from 'h3'
import { parseHost } from '#shared/checks/parse'
import { allowedHosts } from '../base/config'
import { Problem } from '../base/problems'

/*
 * Who may ask. There is no sign-in: whoever reaches this server may read and write, so it answers only under its own names, and takes
 * writes only from its own pages or from programs that are no browser.
 */

const READING = ['GET', 'HEAD']
const JSON_TYPE = 'application/json'
/** What a write may bring, by where it goes; everything else brings JSON. */
const OTHER_TYPES: readonly (readonly [RegExp, readonly string[]])[] = [
  [/^\/api\/faces\/[^/]+\/pictures$/, ['image/jpeg', 'image/png', 'image/webp', 'application/octet-stream']],
  [/^\/api\/keeping\/restore$/, ['application/zip', 'application/x-zip-compressed', 'application/octet-stream']],
]

const STRICT = {
  'x-content-type-options': 'nosniff',
  'x-frame-options': 'DENY',
  'referrer-policy': 'no-referrer',
  'cross-origin-resource-policy': 'same-origin',
  'cross-origin-opener-policy': 'same-origin',
  'permissions-policy': 'camera=(), microphone=(), geolocation=(), payment=(), usb=()',
}
/** Answers that are no pages: nothing in them is ever to be run or framed, and nothing personal is to be kept by a browser. */
const FOR_DATA = {
  'content-security-policy': "default-src 'none'; frame-ancestors 'none'; sandbox",
  'cache-control': 'no-store',
}

export const guard = (hosts: ReadonlySet<string> = allowedHosts()) =>
  defineEventHandler(event => {
    setResponseHeaders(event, STRICT)
    const isData = event.path === '/api' || event.path.startsWith('/api/')
    if (isData) setResponseHeaders(event, FOR_DATA)
    const host = event.headers.get('host')
    const name = parseHost(host)
    if (name === undefined || !hosts.has(name)) throw new Problem(421, 'other-host', OTHER_HOST)
    if (isData) refuseOtherSites(event, host!)
    if (!READING.includes(event.method)) refuseStrangeWrites(event, host!)
  })

const OTHER_HOST =
  'Varietas does not answer under this name: open it under its own address, or name this one in VARIETAS_HOSTS.'

const otherSite = () =>
  new Problem(403, 'other-site', 'Another site may not read or change anything here: open Varietas itself.')

/** A browser says where a request comes from; another site, also one on another port of this computer, gets nothing. */
function refuseOtherSites(event: H3Event, host: string): void {
  const site = event.headers.get('sec-fetch-site')
  if (site !== null && site !== 'same-origin' && site !== 'none') throw otherSite()
  const origin = event.headers.get('origin')
  if (origin !== null && !isOwn(origin, host)) throw otherSite()
}

function refuseStrangeWrites(event: H3Event, host: string): void {
  const origin = event.headers.get('origin')
  // Browsers name the origin of every write; one that names where it comes from but not what for is not trusted.
  if (
    origin === null
    && event.headers.get('sec-fetch-site') !== null
    && event.headers.get('sec-fetch-site') !== 'same-origin'
  )
    throw otherSite()
  if (origin !== null && !isOwn(origin, host)) throw otherSite()
  if (!bringsBody(event)) return
  const type = event.headers.get('content-type')?.split(';')[0]?.trim().toLowerCase() ?? ''
  const path = event.path.split('?')[0]!
  const allowed = OTHER_TYPES.find(([where]) => where.test(path))?.[1] ?? [JSON_TYPE]
  if (!allowed.includes(type))
    throw new Problem(
      415,
      'wrong-type',
      `What is sent here must be ${allowed.join(' or ')}: say so in the content type.`,
    )
}

const bringsBody = (event: H3Event) =>
  event.headers.has('transfer-encoding') || Number(event.headers.get('content-length') ?? 0) > 0

const isOwn = (origin: string, host: string) =>
  origin === `http://${host.toLowerCase()}` || origin === `https://${host.toLowerCase()}`
