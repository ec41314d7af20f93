import { dropOldTicks, dropTicksAbout, ticksAbout } from './useTicks'

jest.mock('../asking/api', () => ({
  ...jest.requireActual<object>('../asking/api'),
  api: jest.fn(),
  onDone: jest.fn(),
}))

/** A device that keeps these, as a browser lists them. */
function device(kept: Record<string, string>): Record<string, string> {
  const storage = Object.defineProperties(kept, {
    getItem: { value: (key: string) => kept[key] ?? null },
    setItem: { value: (key: string, text: string) => Object.assign(kept, { [key]: text }) },
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
    dropOldTicks(['along'], Date.parse('2026-12-06T09:00:00Z'))
    expect(Object.keys(kept).sort()).toEqual(['varietas.chairside', 'varietas.ticks.along', 'varietas.ticks.unheard'])
  })

  it('end after a month, heard of or not, taken along or not', () => {
    const kept = device({ 'varietas.ticks.along': ticks(), 'varietas.ticks.unheard': ticks('note b 1') })
    dropOldTicks(['along'], Date.parse('2027-01-04T08:00:00Z'))
    expect(Object.keys(kept)).toHaveLength(2)
    dropOldTicks(['along'], Date.parse('2027-01-04T10:00:00Z'))
    expect(Object.keys(kept)).toEqual([])
  })

  it('about somebody who was forgotten elsewhere go at the next contact, and those of the others stay', () => {
    const at = '2026-12-05T09:00:00Z'
    const both = ['note gone 1', 'on gone lips', 'on here lips', 'unit u'].map(key => ({
      key,
      done: true,
      at,
      text: '',
    }))
    const kept = device({
      'varietas.ticks.job': JSON.stringify({ ticks: both, unsent: ['note gone 1', 'unit u'] }),
      'varietas.ticks.over': ticks(),
    })
    expect(ticksAbout().sort()).toEqual(['b', 'gone', 'here', 'job', 'over'])
    dropTicksAbout(new Set(['gone', 'over']))
    expect(Object.keys(kept)).toEqual(['varietas.ticks.job'])
    const left = JSON.parse(kept['varietas.ticks.job']!) as { ticks: { key: string }[]; unsent: string[] }
    expect(left.ticks.map(t => t.key)).toEqual(['on here lips', 'unit u'])
    expect(left.unsent).toEqual(['unit u'])
  })
})
