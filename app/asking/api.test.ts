import { $fetch, FetchError } from 'ofetch'
import { acts, api, ApiProblem, onAnswered, onDone, outcomeOf, refusalOf, Stopped } from './api'

jest.mock('ofetch', () => ({
  FetchError: class extends Error {},
  $fetch: { raw: jest.fn() },
}))
const send = $fetch.raw as unknown as jest.Mock
const answer = (data: unknown, headers: Record<string, string> = {}) => ({ _data: data, headers: new Headers(headers) })
const refusal = (status: number | null, error: object = {}) =>
  Object.assign(new FetchError('refused'), {
    response: status === null ? undefined : { status },
    data: { error },
  })
const heard: unknown[] = []
const done: unknown[] = []
onAnswered(how => heard.push(how))
onDone(act => done.push(act))
beforeEach(() => {
  send.mockReset()
  heard.length = 0
  done.length = 0
})

describe('a request', () => {
  it('fills the names of its route, and the rest goes into the query', async () => {
    send.mockResolvedValue(answer({ ready: true }))
    expect(await api('get', '/api/jobs/:id/ready', { id: 'a b' })).toEqual({ ready: true })
    expect(send.mock.calls[0]![0]).toBe('/api/jobs/a%20b/ready')
    await api('get', '/api/changes', { before: 7 })
    expect(send.mock.calls[1]![1]).toMatchObject({ query: { before: 7 } })
  })

  it('that wrote something counts as an act and says so, unless it is quiet', async () => {
    const before = acts.value
    send.mockResolvedValue(answer({}, { 'x-varietas-change': `12;${encodeURIComponent('Two bottles moved.')}` }))
    await api('post', '/api/things/sort')
    expect([acts.value - before, done]).toEqual([1, [{ id: 12, words: 'Two bottles moved.' }]])
    await api('post', '/api/things/sort', {}, { quiet: true })
    expect([acts.value - before, done.length]).toEqual([1, 1])
  })

  it('without an answer is sent again under the same key, with an answer under another', async () => {
    const keys = () =>
      send.mock.calls.map(
        ([, options]) => (options as { headers: Record<string, string> }).headers['x-varietas-request'],
      )
    send.mockRejectedValueOnce(refusal(null))
    await expect(api('post', '/api/things/sort')).rejects.toBeInstanceOf(ApiProblem)
    send.mockResolvedValue(answer({}))
    await api('post', '/api/things/sort')
    await api('post', '/api/things/sort')
    expect(keys()[0]).toBe(keys()[1])
    expect(keys()[2]).not.toBe(keys()[1])
    expect(heard).toEqual(['not', 'live', 'live'])
  })

  it('is refused in the words of the server, with its fields and the record as it is stored now', async () => {
    const issues = [{ path: 'shade', message: 'is empty' }]
    send.mockRejectedValue(refusal(409, { message: 'It was changed elsewhere.', issues, today: { version: 3 } }))
    await expect(api('put', '/api/kit/:id', { id: 'x' }, { body: {} })).rejects.toMatchObject({
      message: 'It was changed elsewhere.',
      issues,
      today: { version: 3 },
      status: 409,
    })
  })

  it('that nobody waits for is stopped, and says nothing of whether the server is there', async () => {
    const gone = new AbortController()
    gone.abort()
    send.mockRejectedValue(refusal(null))
    await expect(api('get', '/api/jobs', {}, { signal: gone.signal })).rejects.toBeInstanceOf(Stopped)
    expect(heard).toEqual([])
  })
})

describe('what came of it', () => {
  it('is an answer, a refusal or a stop; a fault of the program is thrown on', async () => {
    const problem = new ApiProblem('no')
    expect(await outcomeOf(Promise.resolve(3))).toEqual({ ok: true, value: 3 })
    expect(await outcomeOf(() => Promise.reject(problem))).toEqual({ ok: false, refused: problem })
    expect(await outcomeOf(Promise.reject(new Stopped()))).toEqual({ ok: false, refused: null })
    await expect(outcomeOf(() => Promise.reject(new TypeError('not a function')))).rejects.toThrow('not a function')
  })

  it('what a worker threw is a refusal in its own words', () => {
    const [stopped, problem] = [new Stopped(), new ApiProblem('no')]
    expect([refusalOf(stopped, ''), refusalOf(problem, '')]).toEqual([stopped, problem])
    expect(refusalOf(new RangeError('too dark'), 'broke off')).toEqual(new ApiProblem('too dark'))
    expect(refusalOf(undefined, 'broke off')).toEqual(new ApiProblem('broke off'))
  })
})
