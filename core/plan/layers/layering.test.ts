import { item } from '../../../tests/support/suitability'
import { seeded } from '../../../tests/support/random'
import { FAMILIES, type Family } from '../../complexion/bottles/product'
import { isLight, isPowder, ITEM_KINDS, TEXTURES } from '../../product/item'
import { LAYER_COST, meetsAs, paletteTest, rangesThatMeet, riskBetween, seamBetween } from './layering'
import type { SlotId } from '../../asked/slots'

const settings = { paletteTests: [], order: 'skin straight through' as const }
const at = (slot: SlotId, more: Parameters<typeof item>[1]) => ({ slot, item: item('primer', more) })

describe('risk between two products', () => {
  const risk = (x: Family, y: Family) => riskBetween({ family: x, range: 'X' }, { family: y, range: 'Y' }, []).risk
  it('is the table, both ways, and none with itself', () => {
    for (const x of FAMILIES) {
      for (const y of FAMILIES) expect(risk(x, y)).toBe(risk(y, x))
      if (x !== 'unknown') expect(risk(x, x)).toBe('none')
    }
    expect(risk('silicone', 'water')).toBe('high')
    expect(risk('silicone', 'oil')).toBe('some')
    expect(risk('silicone', 'hydrocarbon')).toBe('none')
  })
  it('powder lies on everything; an unknown base is asked about', () => {
    expect(risk('powder', 'water')).toBe('none')
    expect(riskBetween({ family: 'unknown', range: 'X' }, { family: 'water', range: 'Y' }, [])).toEqual({
      risk: 'some',
      tested: false,
      known: false,
    })
  })
  it('a range holds with itself, whatever its base, unless the palette said otherwise', () => {
    const [x, y] = [
      { family: 'unknown' as const, range: 'Quay' },
      { family: 'oil' as const, range: 'Quay' },
    ]
    expect(riskBetween(x, y, []).risk).toBe('none')
    expect(riskBetween(x, y, [{ a: 'Quay', b: 'Quay', result: 'pilled' }])).toMatchObject({
      risk: 'high',
      tested: true,
    })
  })
  it('the last test of a pair counts, whichever was named first', () => {
    const tests = [
      { a: 'A', b: 'B', result: 'separated' as const },
      { a: 'B', b: 'A', result: 'held' as const },
    ]
    expect(paletteTest('A', 'B', tests)).toBe('held')
    expect(paletteTest('A', 'C', tests)).toBeUndefined()
  })
})

describe('layers that meet alike', () => {
  it('cost the same under and over every other, whatever else they are', () => {
    const random = seeded(77)
    const RANGES = ['', 'Quay', 'Moor', 'Fell', 'Tarn', 'Beck']
    const SLOTS: SlotId[] = ['primer', 'foundation', 'concealer', 'powder', 'set', 'eye primer']
    let alike = 0
    for (let round = 0; round < 60; round++) {
      const places = SLOTS.map(slot =>
        Array.from({ length: 6 }, (_, i) => ({
          slot,
          item: item(random.pick(ITEM_KINDS), {
            id: `${slot}${i}`,
            family: random.pick(FAMILIES),
            range: random.pick(RANGES),
            texture: random.pick(TEXTURES),
          }),
        })),
      )
      const tests = Array.from({ length: round % 3 }, () => ({
        a: random.pick(RANGES),
        b: random.pick(RANGES),
        result: random.pick(['held', 'separated', 'pilled'] as const),
      }))
      const by = { paletteTests: tests, order: random.pick(['skin straight through', 'eyes first'] as const) }
      const ranges = rangesThatMeet(
        places.map(place => place.map(p => p.item)),
        tests,
      )
      for (const place of places)
        for (const [x, y] of place.flatMap((p, i) => place.slice(i + 1).map(q => [p, q] as const))) {
          if (meetsAs(x.item, x.slot, ranges) !== meetsAs(y.item, y.slot, ranges)) continue
          alike++
          for (const other of places.filter(p => p !== place).flat()) {
            const cost = (under: typeof x, over: typeof x) => seamBetween(under, over, by)?.cost ?? 0
            expect(cost(x, other)).toBe(cost(y, other))
            expect(cost(other, x)).toBe(cost(other, y))
          }
        }
    }
    expect(alike).toBeGreaterThan(20)
  })
})

describe('seams', () => {
  const silicone = at('primer', { name: 'Slip', family: 'silicone', texture: 'gel' })
  const water = { slot: 'foundation' as const, item: item('foundation', { name: 'Reed', family: 'water' }) }
  it('are told with what they are and what mends them', () => {
    expect(seamBetween(silicone, water, settings)).toEqual({
      risk: 'high',
      cost: LAYER_COST.high,
      sentence: 'water over silicone may roll or separate',
      mend: 'let it set four minutes and press, do not rub',
    })
    expect(
      seamBetween(silicone, { slot: 'foundation', item: item('foundation', { family: 'silicone' }) }, settings),
    ).toBeNull()
  })
  it('a light cream that has sunk in hardly matters, and not at all while the eyes are done', () => {
    const gel = { slot: 'moisturise' as const, item: item('moisturiser', { family: 'water', texture: 'gel' }) }
    const rich = { slot: 'moisturise' as const, item: item('moisturiser', { family: 'water', texture: 'cream' }) }
    const straight = seamBetween(gel, silicone, settings)!
    expect(straight).toMatchObject({ risk: 'some', mend: 'let it sink in for five minutes' })
    expect(straight.cost).toBeLessThan(1)
    expect(seamBetween(gel, silicone, { ...settings, order: 'eyes while skincare settles' })).toBeNull()
    expect(seamBetween(rich, silicone, settings)!.risk).toBe('high')
    expect(seamBetween(rich, silicone, { ...settings, order: 'eyes while skincare settles' })).toMatchObject({
      risk: 'some',
      mend: expect.stringMatching(/a quarter of an hour; the eyes/) as string,
    })
  })
  it('what was tested is never explained away by waiting', () => {
    const gel = {
      slot: 'moisturise' as const,
      item: item('moisturiser', { name: 'Gel', family: 'water', texture: 'gel', range: 'G' }),
    }
    const base = {
      slot: 'foundation' as const,
      item: item('foundation', { name: 'Base', family: 'water', range: 'B' }),
    }
    expect(
      seamBetween(gel, base, {
        order: 'eyes while skincare settles',
        paletteTests: [{ a: 'G', b: 'B', result: 'separated' }],
      }),
    ).toMatchObject({ risk: 'high', sentence: 'Gel and Base separated on your palette', mend: 'take another' })
  })
  it('cream over powder drags, but for the mist and highlight that are meant to', () => {
    const powder = { slot: 'powder' as const, item: item('powder', { family: 'powder', texture: 'loose powder' }) }
    const cream = item('blush', { name: 'Peony', family: 'oil', texture: 'cream' })
    expect(seamBetween(powder, { slot: 'cheek', item: cream }, settings)).toMatchObject({
      risk: 'some',
      sentence: 'Peony is a cream over powder and may drag it',
    })
    for (const slot of ['set', 'highlight', 'liner'] as const)
      expect(seamBetween(powder, { slot, item: cream }, settings)).toBeNull()
  })
})

describe('textures', () => {
  it.each([
    ['gel', true, false],
    ['balm', false, false],
    ['loose powder', false, true],
    ['spray', true, false],
  ] as const)('%s is light: %s, powder: %s', (texture, light, powder) => {
    expect(isLight({ texture })).toBe(light)
    expect(isPowder({ texture, family: 'unknown' })).toBe(powder)
  })
})
