import { buy } from '#core/buy/buy'
import { difference } from '#core/colour/difference'
import { cheapestMend } from '#core/buy/mend'
import { castOf, driftUnder, pigmentOfDrops, wornMatch } from '#core/complexion/mixing/worn'
import { doubles } from '#core/complexion/bottles/doubles'
import { areaOf, bestCorrection, CONCERNS } from '#core/complexion/correct'
import { match } from '#core/complexion/match'
import { packPigments, pigmentFor } from '#core/complexion/bottles/pigments'
import { clientele, everyone, populationOf } from '#core/complexion/skins/population'
import { reach } from '#core/complexion/reach'
import { DEFAULT_OPTIONS, ratioInWords } from '#core/complexion/mixing/recipe'
import { sharesByFamily, sharesByUndertone } from '#core/complexion/shares'
import { skinAt, typicalSkin, UNDERTONES } from '#core/complexion/skins/skin'
import { COMPLAINTS, DEGREES, mixLab, nextTouch, steer, touches } from '#core/complexion/mixing/touch'
import { learnFromMixes } from '#core/reading/measuredMixes'
import { countOut } from '#core/stock/things/amount'
import { besideBottle, DEPTH_WORDS, fromDepthWord } from '#core/stock/things/placement'
import { decant, take } from '#core/stock/things/fills'
import { isComplexionKind, measureOf, traitsFor, useByOf } from '#core/stock/things/usual'
import { ITEM_KINDS } from '#core/product/item'
import { complexionOf } from '#shared/asked/kitPigments'
import { DEMO_PRODUCTS } from '../support/demo'
import { inShort } from '../support/inShort'
import { ADJUSTERS, randomProduct, shade } from '../support/kits'
import { seeded } from '../support/random'

/* Mixes, reach, purchases and amounts of the demo's kit, written down: see plans.test.ts. */
const KIT = DEMO_PRODUCTS.filter(p => isComplexionKind(p.kind) && p.kind !== 'concealer').map(complexionOf)
const SKINS = [1.5, 4, 6.3, 9, 11.5].flatMap(d => UNDERTONES.slice(0, 3).map(u => typicalSkin(d, u)))
const FOUR = { ...DEFAULT_OPTIONS, maxDrops: 4 }

it('what is mixed for whom, which touch brings it nearer, and how it is worn', () => {
  const pigments = packPigments(KIT)
  const told = SKINS.map(skin => {
    const [best, ...others] = match(skin, KIT, FOUR, 4)
    const { drops, lab } = best!
    const film = pigmentOfDrops(drops, KIT)
    return [
      inShort(best),
      ...others.map(r => `${inShort(r.drops)} ${inShort(r.deltaE)}`),
      inShort([
        ratioInWords(drops),
        mixLab(pigments, drops),
        countOut(drops, 0.8, 0.04, parts => difference(mixLab(pigments, parts), mixLab(pigments, drops))),
      ]),
      inShort([touches(pigments, drops).length, steer(pigments, drops)]),
      ...COMPLAINTS.map((c, i) => inShort(nextTouch(pigments, drops, c, DEGREES[i % 2]))),
      inShort([wornMatch(film, lab, skin, 0.7), driftUnder(film, lab, skin, 1, 'A'), castOf(film, skin, 1.3)]),
      inShort(CONCERNS.map(c => areaOf(skin, c))),
    ]
  })
  expect(told).toMatchSnapshot()
})

it('what is mixed across bases, for those who work strictly and those who do not', () => {
  const random = seeded(5)
  const kit = Array.from({ length: 14 }, (_, i) =>
    randomProduct(`p${i}`, random, ['silicone', 'water', 'oil', 'unknown']),
  )
  const rules = { someRisk: true }
  expect(SKINS.map(s => inShort([match(s, kit, FOUR, 3), match(s, kit, FOUR, 3, rules)]))).toMatchSnapshot()
  const beige = shade(5)
  const correctors = [ADJUSTERS[1]!, ADJUSTERS[2]!, ADJUSTERS[4]!]
  expect(
    CONCERNS.map(c =>
      inShort(
        correctors.map(({ lab }) =>
          bestCorrection(pigmentFor({ ...beige, lab }), beige.lab, areaOf(beige.lab, c), [
            { film: pigmentFor(beige), thickness: 1 },
          ]),
        ),
      ),
    ),
  ).toMatchSnapshot()
})

it('whom the kit reaches, what is spare, and what to buy', () => {
  const skins = populationOf(SKINS.map((lab, i) => ({ id: `skin ${i}`, lab, weight: 1 + (i % 3) })))
  const { share, skins: reached, redundant } = reach(packPigments(KIT), skins, FOUR)
  expect([inShort(share), inShort(redundant)]).toMatchSnapshot()
  expect(
    reached.map(s =>
      inShort([s.id, s.weight, s.nearest?.drops, s.nearest?.deltaE, s.best?.drops, s.failsBy, s.essential]),
    ),
  ).toMatchSnapshot()
  expect(inShort([sharesByUndertone(reached, 2), sharesByFamily(KIT, {}, skins, FOUR)])).toMatchSnapshot()
  expect(inShort(doubles(KIT).map(g => g.map(p => p.id)))).toMatchSnapshot()
  expect(
    everyone()
      .filter((_, i) => i % 11 === 0)
      .map(inShort),
  ).toMatchSnapshot()
  expect(clientele(SKINS.slice(0, 4).map((lab, i) => ({ lab, weight: i + 1 }))).map(inShort)).toMatchSnapshot()

  const owned = KIT.slice(0, 4)
  const offers = [2, 4.5, 7, 9.5, 12].map((d, i) => ({
    id: `o${i}`,
    product: shade(d, { id: `o${i}` }),
    price: 1500 + 400 * i,
  }))
  const question = { owned, offers, population: skins, options: FOUR, mustReach: [SKINS[14]!] }
  expect([0, 2000, 6000].map(budget => inShort(buy({ ...question, budget })))).toMatchSnapshot()
  expect(SKINS.map(skin => inShort(cheapestMend({ owned, offers, skin, options: FOUR })))).toMatchSnapshot()
})

it('what measured mixes teach, where a bottle stands, and what is poured', () => {
  const products = [shade(3), shade(8), ...ADJUSTERS.slice(0, 2)]
  const pigments = packPigments(products)
  const drops = [
    [3, 1],
    [1, 1],
    [1, 3],
    [2, 1],
    [1, 2],
    [4, 1],
  ].map(([x, y]) => [
    { id: 's3', count: x! },
    { id: 's8', count: y! },
  ])
  const stronger = packPigments(products.map(p => (p.id === 's8' ? { ...p, strength: 1.4 } : p)))
  expect(
    inShort(
      learnFromMixes(
        drops.map(d => ({ drops: d, lab: mixLab(stronger, d) })),
        products,
      ),
    ),
  ).toMatchSnapshot()
  expect(
    inShort(
      learnFromMixes(
        drops.slice(0, 1).map(d => ({ drops: d, lab: mixLab(pigments, d) })),
        products,
      ),
    ),
  ).toMatchSnapshot()
  const words = Object.keys(DEPTH_WORDS) as (keyof typeof DEPTH_WORDS)[]
  expect(words.flatMap(w => UNDERTONES.map(u => inShort(fromDepthWord(w, u))))).toMatchSnapshot()
  const steps = [-1, 0, 1] as const
  expect(steps.flatMap(d => steps.map(h => inShort(besideBottle(skinAt(6, 2, 1), d, h))))).toMatchSnapshot()
  expect(
    ITEM_KINDS.map(k => inShort([k, measureOf(k), traitsFor(k), useByOf('2026-01-31', traitsFor(k).paoMonths, null)])),
  ).toMatchSnapshot()
  const fills = [
    { id: 'a', size: 30, measure: 'ml' as const, level: 0.1, openedOn: null },
    { id: 'b', size: 10, measure: 'ml' as const, level: 1, openedOn: null },
  ]
  expect([0, 2, 5, 20].map(ml => inShort(take(fills, ml)))).toMatchSnapshot()
  expect(inShort(decant(fills[1]!, 4, 5))).toMatchSnapshot()
})
