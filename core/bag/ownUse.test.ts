import type { OwnedKind } from '../stock/things/kinds'
import { countsOf } from './counts'
import { factorsOf, ownUseOf, type JobUse } from './ownUse'

const job = (faces: number, planned: Partial<Record<OwnedKind, number>>, real = planned): JobUse => {
  const map = (of: typeof planned) => new Map(Object.entries(of) as [OwnedKind, number][])
  return { faces, planned: map(planned), real: map(real) }
}

describe('what one’s own jobs say of a supply', () => {
  it('is what was really taken over what was planned, with how many jobs and faces say so', () => {
    const jobs = [
      job(4, { tissues: 24 }, { tissues: 36 }),
      job(2, { tissues: 12 }),
      job(6, { 'tissues': 36, 'cotton buds': 24 }, { 'tissues': 36, 'cotton buds': 30 }),
    ]
    expect(ownUseOf(jobs)).toEqual([{ kind: 'tissues', jobs: 3, faces: 12, planned: 72, real: 84 }])
    expect(factorsOf(ownUseOf(jobs)).get('tissues')).toBeCloseTo(84 / 72)
  })

  it('is nothing by a job whose pack was empty, by fewer than three, or by what is long ago', () => {
    const empty = job(4, { tissues: 24 }, { tissues: 3 })
    const wrongLevel = job(4, { tissues: 24 }, { tissues: 180 })
    const much = job(1, { tissues: 6 }, { tissues: 12 })
    expect(ownUseOf([empty, wrongLevel, much, much])).toEqual([])
    expect(ownUseOf([empty, much, much, much])[0]).toMatchObject({ jobs: 3, real: 36 })
    const usual = Array.from({ length: 10 }, () => job(1, { tissues: 6 }))
    expect(ownUseOf([...usual, much, much])[0]).toMatchObject({ jobs: 10, real: 60, planned: 60 })
  })

  it('counts for the next party: whole pieces, and nothing of what is washed', () => {
    const packs = ['a', 'b', 'c'].map(id => ({ id, pack: ['cotton rounds', 'powder brush'] }))
    const factors = new Map<OwnedKind, number>([
      ['cotton rounds', 1.3],
      ['brush', 2],
      ['alcohol', 1.5],
    ])
    const need = (own?: typeof factors) =>
      new Map(countsOf(packs, undefined, own).map(c => [c.shape ?? c.kind, c.need]))
    expect(need().get('cotton rounds')).toBe(12)
    expect(need(factors).get('cotton rounds')).toBe(16)
    expect(need(factors).get('powder brush')).toBe(need().get('powder brush'))
    expect(need(factors).get('alcohol')).toBeCloseTo(need().get('alcohol')! * 1.5)
  })
})
