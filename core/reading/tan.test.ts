import { spherical, spread } from './reading'
import { targetOnTheDay, tanShift, type TanReading } from './tan'

const at = (L: number, tanned: boolean, site: TanReading['site'] = 'jaw'): TanReading => ({
  site,
  tanned,
  mean: { L, a: 11 + (tanned ? 2 : 0), b: 18 },
  covariance: spherical(0.5, 0.4, 0.4),
})
const JAW = { jaw: 1 }

describe('what a fake tan does to a skin', () => {
  it('is learned from readings with and without, at one site', () => {
    expect(tanShift([at(54, true), at(62, false)]).mean).toEqual({ L: -8, a: 2, b: 0 })
    expect(tanShift([at(54, true), at(62, false), at(52, true), at(62, false)]).mean.L).toBe(-9)
  })
  it('from the reading without that stands nearest', () => {
    expect(tanShift([at(70, false), at(60, false), at(55, true)]).mean.L).toBe(-5)
  })
  it('is the usual shift, widely, where there is no pair at one site', () => {
    const usual = tanShift([])
    expect(usual.mean.L).toBeLessThan(-4)
    expect(tanShift([at(66, false)])).toEqual(usual)
    expect(tanShift([at(50, true, 'chest'), at(62, false)]).covariance).toEqual(usual.covariance)
    // On deep skin a tan hardly shows.
    expect(tanShift([at(34, false)]).mean.L).toBeGreaterThan(-3)
    expect(spread(usual.covariance).L).toBeGreaterThan(spread(tanShift([at(54, true), at(62, false)]).covariance).L)
  })
})

describe('the target on the day', () => {
  it('is as last read until said otherwise, and mixes no skin with a tan on into one without', () => {
    const readings = [at(54, true), at(62, false, 'neck'), at(61, false)]
    expect(targetOnTheDay(readings, { jaw: 1, neck: 1 }, null)).toMatchObject({ mean: { L: 54 }, reckoned: false })
    expect(targetOnTheDay(readings, { jaw: 1, neck: 1 }, false)!.mean.L).toBeCloseTo(61.5, 9)
  })
  it('is read where it was read like that', () => {
    const readings = [at(62, false), at(54, true)]
    expect(targetOnTheDay(readings, JAW, true)).toMatchObject({ mean: { L: 54 }, reckoned: false })
    expect(targetOnTheDay(readings, JAW, false)).toMatchObject({ mean: { L: 62 }, reckoned: false })
  })
  it('is reckoned, less surely, where it was not', () => {
    const bare = [at(62, false)]
    const tan = targetOnTheDay(bare, JAW, true)!
    expect(tan.reckoned).toBe(true)
    expect(tan.mean.L).toBe(62 + tanShift(bare).mean.L)
    expect(spread(tan.covariance).L).toBeGreaterThan(3)
    expect(targetOnTheDay([at(54, true)], JAW, false)!.mean.L).toBeGreaterThan(58)
  })
  it('nothing is reckoned from nothing', () => expect(targetOnTheDay([], JAW, true)).toBeNull())
  it('a tanned chest under a face that is not leaves the face its own colour', () => {
    const readings = [at(52, true, 'chest'), at(62, false, 'jaw')]
    expect(targetOnTheDay(readings, { jaw: 1, chest: 1 }, null)!.mean.L).toBe(62)
    expect(targetOnTheDay([at(52, true, 'chest')], JAW, null)!.mean.L).toBe(52)
    expect(targetOnTheDay(readings, { jaw: 1, chest: 1 }, true)!.mean.L).toBe(52)
  })
})
