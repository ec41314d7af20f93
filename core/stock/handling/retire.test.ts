import { mayBeGiven, RETIRE_WHYS, whysFor } from './retire'

const sealed = { sort: 'cosmetic', openedOn: null, level: 1, useBy: null, pans: [] } as const
const TODAY = '2026-11-27'

describe('why a thing goes out of use', () => {
  it('only what is sealed, full and in its days is given away; a tool always', () => {
    expect(mayBeGiven(sealed, TODAY)).toBe(true)
    for (const open of [{ openedOn: '2026-11-01' }, { level: 0.9 }, { useBy: '2026-11-26' }])
      expect(mayBeGiven({ ...sealed, ...open }, TODAY)).toBe(false)
    expect(mayBeGiven({ ...sealed, sort: 'tool', openedOn: '2026-01-01' }, TODAY)).toBe(true)
  })

  it('the likeliest reason comes first, and none that cannot be', () => {
    expect(whysFor({ ...sealed, level: 0, openedOn: '2026-01-01' }, TODAY)[0]).toBe('used up')
    expect(whysFor({ ...sealed, useBy: '2026-01-01', openedOn: '2025-01-01' }, TODAY)[0]).toBe('past its day')
    expect(whysFor({ ...sealed, openedOn: '2026-01-01', level: 0.5 }, TODAY)).not.toContain('given away, not opened')
    expect(whysFor({ ...sealed, sort: 'tool' }, TODAY)).not.toContain('somebody reacted to it')
    expect(whysFor(sealed, TODAY).every(w => RETIRE_WHYS.includes(w))).toBe(true)
  })
})
