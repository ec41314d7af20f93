import { defineEventHandler, setResponseHeaders, setResponseStatus } from 'h3'
import { dataState } from '../keeping/state'
import { Problem } from '../base/problems'
import { safePage } from './safePage'

/** What is served of a server whose data cannot be used: its health, what is kept, and the page for that. */
const STILL_SERVED = /^\/(?:api\/(?:health|keeping)(?:[/?]|$)|safe-start\.js$|icon\.svg$)/

/** While the data cannot be used, every address leads to the page that says so and serves what can be had of them. */
export const safeStart = defineEventHandler(event => {
  const state = dataState()
  if (state.usable || STILL_SERVED.test(event.path)) return
  if (event.path.startsWith('/api/')) throw new Problem(503, 'data-unusable', state.sentence)
  if (event.path.startsWith('/_nuxt/')) return
  setResponseStatus(event, 503)
  setResponseHeaders(event, {
    'content-type': 'text/html; charset=utf-8',
    'cache-control': 'no-store',
    'content-security-policy':
      "default-src 'none'; script-src 'self'; style-src 'unsafe-inline'; connect-src 'self'; img-src 'self'; frame-ancestors 'none'; base-uri 'none'; form-action 'none'",
  })
  return safePage(state)
})
