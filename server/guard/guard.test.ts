import { createApp, eventHandler, toNodeListener } from 'h3'
import { createServer, request, type Server } from 'node:http'
import handler from '../utils/errors'
import { guard } from './guard'

let server: Server
let port = 0
beforeAll(async () => {
  const app = createApp({
    onError: (error, event) => handler(error, event),
  })
  app.use(guard(new Set(['127.0.0.1', 'kit.lan'])))
  app.use(eventHandler(() => 'answered'))
  server = createServer(toNodeListener(app))
  await new Promise<void>(resolve => server.listen(0, '127.0.0.1', resolve))
  port = (server.address() as { port: number }).port
})
afterAll(() => new Promise(resolve => server.close(resolve)))

/** A request with exactly these headers: a client of its own would add some. */
const ask = (method: string, path: string, headers: Record<string, string> = {}, body?: string) =>
  new Promise<number>((resolve, reject) => {
    const own = { host: `127.0.0.1:${port}`, ...(body === undefined ? {} : { 'content-length': String(body.length) }) }
    const asked = request(
      { port, host: '127.0.0.1', method, path, headers: { ...own, ...headers }, setHost: false },
      answer => {
        answer.resume()
        answer.on('end', () => resolve(answer.statusCode!))
      },
    )
    asked.on('error', reject)
    asked.end(body)
  })
const json = { 'content-type': 'application/json' }
const own = () => ({ origin: `http://127.0.0.1:${port}` })

describe('who may ask', () => {
  it.each<[string, string, string, () => Record<string, string>, string | undefined, number]>([
    ['a page of its own', 'GET', '/', () => ({}), undefined, 200],
    ['a script reading', 'GET', '/api/kit', () => ({}), undefined, 200],
    ['a script writing JSON', 'POST', '/api/kit', () => json, '{}', 200],
    [
      'its own page writing',
      'POST',
      '/api/kit',
      () => ({ ...json, ...own(), 'sec-fetch-site': 'same-origin' }),
      '{}',
      200,
    ],
    ['a write without a body', 'DELETE', '/api/kit/x', own, undefined, 200],
    ['a name it was given', 'GET', '/api/kit', () => ({ host: 'kit.lan' }), undefined, 200],
    ['that name in capitals', 'GET', '/api/kit', () => ({ host: 'KIT.LAN:80' }), undefined, 200],
    ['another name', 'GET', '/api/kit', () => ({ host: 'evil.example' }), undefined, 421],
    ['another name for a page', 'GET', '/', () => ({ host: 'evil.example' }), undefined, 421],
    ['a name that begins alike', 'GET', '/', () => ({ host: '127.0.0.1.evil.example' }), undefined, 421],
    ['a name with a user in it', 'GET', '/', () => ({ host: 'x@127.0.0.1' }), undefined, 421],
    ['another site reading', 'GET', '/api/kit', () => ({ 'sec-fetch-site': 'cross-site' }), undefined, 403],
    ['another port reading', 'GET', '/api/kit', () => ({ 'sec-fetch-site': 'same-site' }), undefined, 403],
    ['another origin reading', 'GET', '/api/kit', () => ({ origin: 'http://127.0.0.1:1' }), undefined, 403],
    ['another origin writing', 'POST', '/api/kit', () => ({ ...json, origin: 'http://evil.example' }), '{}', 403],
    ['another port writing', 'POST', '/api/kit', () => ({ ...json, origin: 'http://127.0.0.1:1' }), '{}', 403],
    ['an origin that hides', 'POST', '/api/kit', () => ({ ...json, origin: 'null' }), '{}', 403],
    [
      'an origin that begins alike',
      'POST',
      '/api/kit',
      () => ({ ...json, origin: `${own().origin}.evil.example` }),
      '{}',
      403,
    ],
    ['a browser that names no origin', 'POST', '/api/kit', () => ({ ...json, 'sec-fetch-site': 'none' }), '{}', 403],
    ['a form', 'POST', '/api/kit', () => ({ 'content-type': 'application/x-www-form-urlencoded' }), 'a=1', 415],
    ['plain text', 'POST', '/api/kit', () => ({ 'content-type': 'text/plain' }), '{}', 415],
    ['no type', 'POST', '/api/kit', () => ({}), '{}', 415],
    ['JSON where a picture belongs', 'POST', '/api/faces/x/pictures', () => json, '{}', 415],
    ['a picture', 'POST', '/api/faces/x/pictures', () => ({ 'content-type': 'image/png' }), 'x', 200],
    ['a picture where JSON belongs', 'POST', '/api/faces', () => ({ 'content-type': 'image/png' }), 'x', 415],
    ['a backup', 'POST', '/api/keeping/restore', () => ({ 'content-type': 'application/zip' }), 'x', 200],
  ])('%s', async (_, method, path, headers, body, status) =>
    expect(await ask(method, path, headers(), body)).toBe(status),
  )
})
