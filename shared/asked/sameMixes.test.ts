import fc from 'fast-check'
import type { Lab } from '#core/colour/lab'
import { match } from '#core/complexion/match'
import {
  mayMix,
  mixingRules,
  separationRisk,
  type MixingFacts,
  type PaletteTest,
} from '#core/complexion/bottles/mixable'
import { packPigments } from '#core/complexion/bottles/pigments'
import { populationOf } from '#core/complexion/skins/population'
import { COVERAGES, FAMILIES, type Coverage, type Family } from '#core/complexion/bottles/product'
import { reach } from '#core/complexion/reach'
import { skinAt } from '#core/complexion/skins/skin'
import { mixLab } from '#core/complexion/mixing/touch'
import { traitsFor } from '#core/stock/things/usual'
import { candidatesFor } from '#core/plan/candidates/candidates'
import type { SlotUse } from '#core/plan/needs/uses'
import { ownedProduct } from '../../tests/support/owned'
import { face, job, place, settings } from '../../tests/support/suitability'
import { itemOf } from './kitItem'
import { complexionOf, isUsable, mixingFacts, rangeKey } from './kitPigments'
import { OwnedProductInput, type OwnedProduct } from '../records/kit/kit'

/*
 * Match, Reach and Plan read one kit by one adapter: for any bottles, marks and palette tests, and whichever way the artist works, they
 * let the same bottles into one mix. Held together pair by pair: a skin of exactly the colour of the mix is met by it, or by nothing so
 * near.
 */

const RANGES = ['Quay', 'Lantern', 'Marsh', ''] as const
const bottles = fc.array(
  fc.record({
    depth: fc.integer({ min: 2, max: 22 }).map(n => n / 2),
    hue: fc.integer({ min: -8, max: 8 }),
    family: fc.constantFrom<Family>(...FAMILIES.filter(f => f !== 'powder')),
    range: fc.constantFrom(...RANGES),
    coverage: fc.constantFrom<Coverage>(...COVERAGES),
    state: fc.constantFrom('in use', 'in use', 'in use', 'empty', 'retired'),
    kind: fc.constantFrom('foundation' as const, 'foundation' as const, 'adjuster' as const),
  }),
  { minLength: 2, maxLength: 4 },
)
const tests = fc.array(
  fc.record({
    a: fc.constantFrom(...RANGES),
    b: fc.constantFrom(...RANGES),
    result: fc.constantFrom<PaletteTest['result']>('held', 'separated', 'pilled'),
  }),
  { maxLength: 3 },
)
const marks = fc.uniqueArray(fc.constantFrom('Quay', 'Lantern', 'Marsh'), { maxLength: 2 })
const OPTIONS = { maxProducts: 2, maxDrops: 2, tolerance: 2, illuminant: 'D65' } as const
const brand = 'Marrowmere'

/** The pairs that may be mixed, each asked for by a skin of exactly its colour. */
const asked = (products: readonly OwnedProduct[]) => {
  const usable = products.filter(p => p.kind !== 'adjuster')
  return usable.flatMap((x, i) =>
    products
      .filter(y => y.id !== x.id && (y.kind === 'adjuster' || usable.indexOf(y) > i))
      .map(y => ({
        x,
        y,
        lab: mixLab(
          packPigments([x, y].map(complexionOf)),
          [x, y].map(p => ({ id: p.id, count: 1 })),
        ),
      })),
  )
}
const isPair = (drops: readonly { id: string }[], x: OwnedProduct, y: OwnedProduct) =>
  drops.length === 2 && [x.id, y.id].every(id => drops.some(d => d.id === id))

const NOTHING = { base: null, concealer: null }

/** The rules once more, in the words an artist would use. */
function asSaid(x: OwnedProduct, y: OwnedProduct, { apart, paletteTests, mixing }: MixingFacts): boolean {
  const [a, b] = [rangeKey(x), rangeKey(y)]
  const tried = paletteTests.filter(t => [t.a, t.b].sort().join() === [a, b].sort().join()).at(-1)
  if (tried && a !== '' && b !== '') return tried.result === 'held'
  if (a !== '' && a === b) return !apart.includes(a)
  const risk = separationRisk(x.family, y.family)
  return risk === 'none' || (risk === 'some' && mixing === 'practical')
}

const USE = (skin: Lab): SlotUse => place('foundation', { tone: { skin, zone: 'chin' } })

describe('what may be mixed', () => {
  it('is the same for Match, Reach and Plan, whatever the kit, its marks and its tests', () => {
    let allowed = 0
    let forbidden = 0
    fc.assert(
      fc.property(
        bottles,
        tests,
        marks,
        fc.constantFrom('strict' as const, 'practical' as const),
        (kit, tried, apart, mixing) => {
          const products = kit.map(({ depth, hue, state, range, ...b }, i) =>
            ownedProduct(
              Object.assign(new OwnedProductInput(), {
                ...b,
                brand,
                range,
                shade: `B${i}`,
                lab: skinAt(depth, hue, 1),
                colourSource: 'given colour',
                level: state === 'empty' ? 0 : 1,
                // Nothing but the mixing is to decide.
                traits: { ...traitsFor(b.kind), wearHours: null },
              }),
              `b${i}`,
              { retiredAt: state === 'retired' ? '2026-01-01' : null },
            ),
          )
          const palette = tried.map(t => ({
            ...t,
            a: rangeKey({ brand, range: t.a }),
            b: rangeKey({ brand, range: t.b }),
          }))
          const facts = mixingFacts(
            apart.map(range => ({ brand, range })),
            palette,
            { mixing },
          )
          const rules = mixingRules(facts)
          const usable = products.filter(isUsable)
          const situation = {
            job: job(),
            settings: settings({ ...facts }),
            items: products.filter(p => p.retiredAt === null).map(itemOf),
            options: OPTIONS,
            overrides: [],
          }
          for (const { x, y, lab } of asked(usable)) {
            const may = mayMix(complexionOf(x), complexionOf(y), rules)
            expect(may).toBe(asSaid(x, y, facts))
            if (may) allowed++
            else forbidden++
            const said = {
              match: match(lab, usable.map(complexionOf), OPTIONS, 50, rules).some(r => isPair(r.drops, x, y)),
              reach: reach(
                packPigments(usable.map(complexionOf), rules),
                populationOf([{ id: 's', lab, weight: 1 }]),
                OPTIONS,
              ).skins.some(s => [s.best, s.nearest].some(r => r && r.deltaE < 1e-6)),
              plan: candidatesFor(USE(lab), { ...situation, face: face({ skin: lab, bare: lab }) }, NOTHING).some(
                c => c.recipe !== null && isPair(c.recipe.drops, x, y),
              ),
            }
            // A single bottle of that very colour says nothing of the pair.
            const alone = usable.some(p => p.kind === 'foundation' && Math.abs(p.lab.L - lab.L) < 0.5)
            if (alone) continue
            expect({ pair: [x.id, y.id], mixing, apart, palette, ...said }).toMatchObject({
              match: may,
              reach: may,
              plan: may,
            })
          }
        },
      ),
      { numRuns: 250, seed: 8 },
    )
    // Neither side was left untried.
    expect(Math.min(allowed, forbidden)).toBeGreaterThan(40)
  })
})
