import { endOf, isKeepable, isKeptTooLong, isToCome, jobOf, pathsOf, patienceFor } from './along'

describe('what of a job is kept on a device', () => {
  it('is what its list and its chair ask for, and nothing else', () => {
    for (const path of pathsOf('a b')) expect([jobOf(path), isKeepable(path)]).toEqual(['a b', true])
    for (const path of [
      '/api/faces/x',
      '/api/jobs',
      '/api/jobs/year',
      '/api/jobs/x/quote',
      '/api/jobs/x/quote.pdf',
      '/api/jobs/x/chair/y',
      '/api/kit',
    ])
      expect([jobOf(path), isKeepable(path)]).toEqual([null, false])
    expect(isKeepable('/api/settings')).toBe(true)
  })
  it('goes once it is closed, deleted, or somebody is erased; nothing else takes it', () => {
    expect(endOf('POST', '/api/jobs/x/wrap')).toEqual({ jobId: 'x' })
    expect(endOf('DELETE', '/api/jobs/x')).toEqual({ jobId: 'x' })
    for (const [method, path] of [
      ['POST', '/api/faces/x/forget'],
      ['DELETE', '/api/faces/x'],
      ['POST', '/api/keeping/confirm'],
    ] as const)
      expect(endOf(method, path)).toBe('all')
    for (const [method, path] of [
      ['POST', '/api/jobs/x/ticks'],
      ['POST', '/api/jobs/x'],
      ['DELETE', '/api/kit/x'],
      ['POST', '/api/faces/x/plans'],
    ] as const)
      expect(endOf(method, path)).toBeNull()
  })
  it('goes some days after its day, and stays while it has none', () => {
    const on = (day: string | null, wrap: unknown = null) =>
      isToCome({ day, wrap } as Parameters<typeof isToCome>[0], Date.parse('2026-12-10T12:00:00Z'))
    expect([on('2026-12-20'), on('2026-12-10'), on('2026-12-08'), on(null)]).toEqual([true, true, true, true])
    expect([on('2026-12-05'), on('2026-12-20', {})]).toEqual([false, false])
  })
  it('is kept for a month at most, whatever it is', () => {
    const now = Date.parse('2026-12-31T12:00:00Z')
    expect(isKeptTooLong('2026-12-01T13:00:00Z', now)).toBe(false)
    expect(isKeptTooLong('2026-12-01T11:00:00Z', now)).toBe(true)
    expect(isKeptTooLong('', now)).toBe(true)
  })
  it('stands in sooner where nothing answered just now, later for what takes a plan', () => {
    const path = '/api/jobs/x'
    expect(patienceFor(path, false)).toBeLessThan(patienceFor(path, true))
    expect(patienceFor(`${path}/chair`, true)).toBeGreaterThan(patienceFor(path, true))
  })
})
