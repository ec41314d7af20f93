import { placeOf } from '#core/asked/slots'
import { difference } from '#core/colour/difference'
import { match } from '#core/complexion/match'
import { dilute } from '#core/hygiene/dilute'
import { readIngredients } from '#core/ingredients/ingredients'
import { apportion } from '#core/money/quote'
import { timetable } from '#core/schedule/timetable'
import { readLine } from '#core/stock/list/readLine'

/* What the examples of core's docstrings say is true. */

it('difference', () => expect(difference({ L: 60, a: 12, b: 20 }, { L: 58, a: 13, b: 21 })).toBeCloseTo(1.94, 2))

it('match', () => {
  const bottle = { coverage: 'medium', family: 'water' } as const
  const birch = { id: 'birch', lab: { L: 68, a: 9, b: 19 }, ...bottle }
  const cedar = { id: 'cedar', lab: { L: 52, a: 14, b: 22 }, ...bottle }
  const [best] = match({ L: 60, a: 12, b: 20 }, [birch, cedar])
  expect(best!.drops).toEqual([
    { id: 'birch', count: 3 },
    { id: 'cedar', count: 2 },
  ])
  expect(best!.deltaE).toBeCloseTo(0.7, 2)
})

it('readIngredients', () => expect(readIngredients('Aqua, Dimethicone, Parfum').family).toBe('silicone'))

it('readLine', () =>
  expect(readLine('2 mascara midnight, half full', 0, '2026-12-01')).toMatchObject({
    count: 2,
    kind: 'mascara',
    level: 0.5,
  }))

it('dilute', () => {
  const { stockMl, waterMl } = dilute(99, 70, 100)
  expect([stockMl, waterMl].map(v => Math.round(v * 10) / 10)).toEqual([70.7, 29.3])
})

it('apportion', () => expect(apportion(100, [1, 1, 1])).toEqual([34, 33, 33]))

it('placeOf', () => expect(placeOf('eyes: crease')).toEqual({ slot: 'eyes', part: 'crease' }))

it('timetable', () => {
  const orla = {
    id: 'orla',
    readyBy: 600,
    blocks: [{ minutes: 45 }],
    look: null,
    hair: null,
    artists: ['Ada'],
    lead: false,
  }
  const day = { artists: ['Ada'], hairStations: 0, setUp: 20, changeover: 5, faces: [orla] }
  const { start, proof } = timetable(day, { timeLimitMs: 1000 })
  expect([start, proof.optimal]).toEqual([535, true])
})
