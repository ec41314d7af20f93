import { letGoOfTicks } from './useTicks'

jest.mock('./api', () => ({ api: jest.fn(), ApiProblem: Error }))

/** A device that keeps these, as a browser lists them. */
function device(kept: Record<string, string>): Record<string, string> {
  const storage = Object.defineProperties(kept, {
    getItem: { value: (key: string) => kept[key] ?? null },
    removeItem: { value: (key: string) => Reflect.deleteProperty(kept, key) },
  })
  Object.assign(globalThis, { localStorage: storage })
  return kept
}
const ticks = (...unsent: string[]) =>
  JSON.stringify({ ticks: [{ key: 'note b 1', done: true, at: '2026-12-05T09:00:00Z', text: 'about her' }], unsent })

describe('ticks on a device', () => {
  it('of jobs that are not taken along go once the server has heard of them, and nothing else does', () => {
    const kept = device({
      'varietas.ticks.along': ticks(),
      'varietas.ticks.over': ticks(),
      'varietas.ticks.unheard': ticks('note b 1'),
      'varietas.ticks.broken': '{',
      'varietas.chairside': '{}',
    })
    letGoOfTicks(['along'])
    expect(Object.keys(kept).sort()).toEqual(['varietas.chairside', 'varietas.ticks.along', 'varietas.ticks.unheard'])
  })
})
