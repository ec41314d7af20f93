import { ITEM_KINDS } from '../../product/item'
import { USUAL_GEAR, usualMeasure } from './gear'
import { heftOf } from './heft'
import {
  GEAR_KINDS,
  hasItsColour,
  OWNED_KINDS,
  purposeOf,
  PURPOSES,
  sortOfKind,
  SUPPLY_KINDS,
  TOOL_KINDS,
} from './kinds'
import { usualPouchFor, USUAL_POUCHES } from './places'
import { measureOf, USUAL_BY_KIND } from './usual'

describe('kinds of things', () => {
  it('are each of one sort and for one purpose, and every purpose has some', () => {
    expect(new Set(OWNED_KINDS).size).toBe(OWNED_KINDS.length)
    expect(ITEM_KINDS.every(k => sortOfKind(k) === 'cosmetic')).toBe(true)
    expect(TOOL_KINDS.every(k => sortOfKind(k) === 'tool')).toBe(true)
    expect(SUPPLY_KINDS.every(k => sortOfKind(k) === 'supply')).toBe(true)
    expect(OWNED_KINDS.filter(k => purposeOf(k) === 'not sorted yet')).toEqual(['unknown'])
    expect(new Set(OWNED_KINDS.map(purposeOf)).size).toBe(PURPOSES.length)
    expect(new Set(OWNED_KINDS.map(usualPouchFor))).toEqual(new Set(USUAL_POUCHES))
  })

  it('have a usual measure: patches and lashes in pairs, tools in pieces', () => {
    expect(measureOf('mask')).toBe('ml')
    expect(measureOf('mask', 'other')).toBe('pair')
    expect(measureOf('lashes')).toBe('pair')
    expect(usualMeasure('alcohol')).toBe('ml')
    expect(usualMeasure('powder')).toBe('g')
    expect(TOOL_KINDS.every(k => usualMeasure(k) === 'piece' && USUAL_GEAR[k].size === 1)).toBe(true)
  })

  it('are there for their colour or not', () => {
    expect(['foundation', 'blush', 'mascara', 'brow'].every(k => hasItsColour(k as 'blush'))).toBe(true)
    expect(['primer', 'powder', 'gloss', 'brush', 'alcohol'].some(k => hasItsColour(k as 'gloss'))).toBe(false)
  })
})

describe('what things weigh', () => {
  const full = (kind: (typeof OWNED_KINDS)[number]) => {
    const usual = kind in USUAL_BY_KIND ? USUAL_BY_KIND[kind as 'powder'] : USUAL_GEAR[kind as 'brush']
    return { kind, size: usual.size, measure: usualMeasure(kind), level: 1, count: 1 }
  }

  it('is something for every kind, less when less is in it, and never less than nothing', () => {
    for (const kind of [...ITEM_KINDS, ...GEAR_KINDS]) {
      const [all, half, empty] = [1, 0.5, 0].map(level => heftOf({ ...full(kind), level }))
      expect(empty!.massG).toBeGreaterThan(0)
      expect(half!.massG).toBeGreaterThanOrEqual(empty!.massG)
      expect(all!.massG).toBeGreaterThanOrEqual(half!.massG)
      expect(all!.roomMl).toBeGreaterThan(0)
      // An empty bottle takes the same room.
      expect(empty!.roomMl).toBeCloseTo(all!.roomMl, 9)
      expect(heftOf({ ...full(kind), count: 3 }).massG).toBeCloseTo(all!.massG * 3, 9)
    }
  })

  it('is near what a scale says', () => {
    // A glass bottle of foundation, half a litre of alcohol, a dozen brushes, a pan of eye colour, a tube of hand cream.
    expect(heftOf({ ...full('foundation'), dispenser: 'pump' }).massG).toBeGreaterThan(75)
    expect(heftOf({ ...full('foundation'), dispenser: 'pump' }).massG).toBeLessThan(120)
    expect(heftOf({ ...full('alcohol'), size: 500 }).massG).toBeGreaterThan(480)
    expect(heftOf({ ...full('alcohol'), size: 500 }).massG).toBeLessThan(620)
    expect(heftOf({ ...full('brush'), count: 12 }).massG).toBeLessThan(250)
    expect(heftOf(full('eye colour')).massG).toBeLessThan(15)
    expect(heftOf({ ...full('moisturiser'), dispenser: 'tube' }).massG).toBeLessThan(80)
  })
})
