import { seeded } from '../../tests/support/random'
import { averageShots } from '#core/reading/average'
import { difference } from '#core/colour/difference'
import { INSTRUMENT_FLOOR } from '#shared/meter'
import { calibrate, calibratedUntil, CALIBRATION_MINUTES, shoot } from './simulatedMeter'

describe('the simulated meter', () => {
  it('reads with noise and without bias', () => {
    const random = seeded(4)
    const skin = { L: 58, a: 11, b: 19 }
    const shots = Array.from({ length: 2000 }, () => shoot(skin, random.next))
    const { mean } = averageShots(shots, INSTRUMENT_FLOOR)
    expect(difference(mean, skin)).toBeLessThan(0.1)
    expect(new Set(shots.map(s => s.L)).size).toBeGreaterThan(50)
  })
  it('never reads an impossible lightness', () => {
    const random = seeded(5)
    for (let i = 0; i < 200; i++) expect(shoot({ L: 99.9, a: 0, b: 0 }, random.next).L).toBeLessThanOrEqual(100)
  })
  it('wants its tile again after a while', () => {
    const at = Date.UTC(2026, 10, 24)
    expect(calibratedUntil(at)).toBeNull()
    expect(calibrate(at)).toBe(calibratedUntil(at + 1000))
    expect(calibratedUntil(at + CALIBRATION_MINUTES * 60_000)).toBeNull()
  })
})
