import { replacementsFor, type Replaceable } from './replacement'

const lip = (id: string, more: Partial<Replaceable> = {}): Replaceable => ({
  id,
  name: id,
  kind: 'lip colour',
  lab: { L: 40, a: 40, b: 20 },
  coverage: 'full',
  family: 'oil',
  finish: 'satin',
  texture: 'stick',
  ...more,
})

describe('what stands in for what is made no more', () => {
  it('is nearest in colour, in formula and in what it does, and says how it differs', () => {
    const found = replacementsFor(lip('gone'), [
      lip('gone'),
      lip('matte twin', { finish: 'matte', texture: 'cream' }),
      lip('near', { lab: { L: 41, a: 40, b: 20 } }),
      lip('sheer twin', { coverage: 'sheer' }),
      lip('green', { lab: { L: 40, a: -30, b: 20 } }),
      lip('liner', { kind: 'lip liner' }),
    ])
    expect(found.map(r => r.by.id)).toEqual(['near', 'matte twin', 'sheer twin'])
    expect(found[0]!.differs).toEqual([])
    expect(found[1]).toMatchObject({ deltaE: 0, differs: ['matte instead of satin', 'cream instead of stick'] })
  })
  it('of what has no colour is told by the rest', () => {
    const spray = lip('set', { kind: 'setting spray', lab: null, texture: 'spray' })
    expect(replacementsFor(spray, [{ ...spray, id: 'other', finish: 'matte' }, lip('red')])).toEqual([
      expect.objectContaining({ deltaE: null, differs: ['matte instead of satin'] }),
    ])
  })
})
