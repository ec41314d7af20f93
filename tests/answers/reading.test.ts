import { difference, deltaE, farthest, leastDeltaE, weightsWithin } from '#core/colour/difference'
import { inkOn, labToCss } from '#core/colour/display'
import { labToXyz } from '#core/colour/lab'
import { nearestPossible, isPossible, slipOf } from '#core/colour/possible'
import { smoothestReflectance, under } from '#core/colour/spectrum'
import { skinAt, skinPlace, typicalSkin, typologyOf, UNDERTONES } from '#core/complexion/skins/skin'
import { failings } from '#core/complexion/fails'
import { averageShots } from '#core/reading/average'
import {
  betweenBottles,
  SHADES_OF_CHROMA,
  SHADES_OF_DEPTH,
  SHADES_OF_HUE,
  type Comparison,
} from '#core/reading/betweenBottles'
import { afterChoice, atFirst, EYE_ANSWERS, eyeReading, nextPair } from '#core/reading/eyeTest'
import { chanceInWords, likelihood } from '#core/reading/likelihood'
import { priorSkins } from '#core/reading/prior'
import { spherical } from '#core/reading/reading'
import { SITES, targetOf } from '#core/reading/sites'
import { tanShift, targetOnTheDay } from '#core/reading/tan'
import { sayingChances, skinAfterVerdicts } from '#core/reading/verdicts'
import { inShort } from '../support/inShort'

/* Figures of colour and of reading a skin, written down: see plans.test.ts. */
const SKINS = [1, 3, 5.5, 8, 11].flatMap(depth => UNDERTONES.map(u => typicalSkin(depth, u)))
const COLOURS = [
  ...SKINS,
  { L: 95, a: 0, b: 2 },
  { L: 8, a: 1, b: -1 },
  { L: 45, a: 48, b: 22 },
  { L: 60, a: -8, b: 30 },
]
const pairs = COLOURS.map((x, i) => [x, COLOURS[(i * 7 + 3) % COLOURS.length]!] as const)

it('colours: how they differ, show, look under other lights, and which can be', () => {
  expect(pairs.map(([x, y]) => inShort([difference(x, y), deltaE(x.L, x.a, x.b, y.L, y.a, y.b)]))).toMatchSnapshot()
  expect(COLOURS.map(c => inShort([labToCss(c), inkOn(c), labToXyz(c), smoothestReflectance(c)]))).toMatchSnapshot()
  expect(
    COLOURS.map(c => inShort([under(c, 'A'), under(c, 'ledWarm'), farthest(c, 3), leastDeltaE(c, 4)])),
  ).toMatchSnapshot()
  expect(COLOURS.map(c => inShort(weightsWithin(c, 5)))).toMatchSnapshot()
  const odd = [
    ...COLOURS,
    { L: 6.2, a: 11, b: 19 },
    { L: 50, a: 120, b: 0 },
    { L: 4, a: 30, b: 40 },
    { L: 99, a: 20, b: 60 },
  ]
  expect(odd.map(c => inShort([isPossible(c), nearestPossible(c), slipOf(c)]))).toMatchSnapshot()
})

it('skins: where they sit, and how a mix misses them', () => {
  expect(COLOURS.map(c => inShort([skinPlace(c), typologyOf(c)]))).toMatchSnapshot()
  expect([0.5, 1, 6.2, 12, 12.6].map(d => inShort(skinAt(d, d - 6, 0.9 + d / 50)))).toMatchSnapshot()
  expect(pairs.map(([x, y]) => inShort([failings(x, y), sayingChances(x, y)]))).toMatchSnapshot()
  expect(
    priorSkins()
      .filter((_, i) => i % 97 === 0)
      .map(inShort),
  ).toMatchSnapshot()
})

it('a skin read between bottles, by the meter, by eye, at several sites, with a tan, and after verdicts', () => {
  const told = SKINS.map((bottle, i): Comparison[] => [
    { bottle, depth: SHADES_OF_DEPTH[i % 7], hue: SHADES_OF_HUE[i % 5], chroma: SHADES_OF_CHROMA[i % 3] },
    ...(i % 2 ? [{ bottle: SKINS[(i + 4) % SKINS.length]!, depth: SHADES_OF_DEPTH[(i + 3) % 7] }] : []),
  ])
  expect([[], ...told].map(t => inShort(betweenBottles(t)))).toMatchSnapshot()

  const shots = SKINS.slice(4, 9).map((s, i) => ({ L: s.L / 10 + 50 + i, a: 10 + i / 3, b: 18 - i / 2 }))
  const stray = { L: 70, a: 2, b: 40 }
  const floor = { L: 0.3, a: 0.2, b: 0.25 }
  expect([1, 2, 3, 5].map(n => inShort(averageShots(shots.slice(0, n), floor)))).toMatchSnapshot()
  expect(inShort(averageShots([...shots, stray], floor))).toMatchSnapshot()

  let belief = atFirst()
  const steps = Array.from({ length: 5 }, (_, i) => {
    const pair = nextPair(belief)
    belief = afterChoice(belief, { pair, answer: EYE_ANSWERS[i % 3]! })
    return inShort([pair, eyeReading(belief)])
  })
  expect(steps).toMatchSnapshot()

  const readings = SITES.map((site, i) => ({
    site,
    mean: SKINS[i + 7]!,
    covariance: spherical(0.4 + i / 5, 0.3, 0.5),
    tanned: i === 1 || i === 3,
  }))
  const again = { ...readings[1]!, tanned: false, mean: SKINS[2]! }
  expect(
    [{ jaw: 1 }, { jaw: 2, neck: 1, chest: 3 }, { cheek: 0 }, {}].map(w => inShort(targetOf(readings, w))),
  ).toMatchSnapshot()
  for (const list of [readings, [again, ...readings], [], readings.slice(1, 2)])
    expect(
      inShort([tanShift(list), ...[true, false, null].map(on => targetOnTheDay(list, { jaw: 1, neck: 1 }, on))]),
    ).toMatchSnapshot()

  const reading = { mean: SKINS[6]!, covariance: spherical(1.5, 1, 1.2) }
  const mix = { L: reading.mean.L + 2, a: reading.mean.a + 1, b: reading.mean.b - 2 }
  expect(
    [
      [],
      [{ seen: 'right' as const, mix }],
      [{ seen: 'too light' as const, degree: 'clearly' as const, mix }],
      [
        { seen: 'too pink' as const, mix },
        { seen: 'ashy' as const, degree: 'a touch' as const, mix },
      ],
    ].map(seen => inShort(skinAfterVerdicts(reading, seen))),
  ).toMatchSnapshot()
  const chances = SKINS.slice(4, 10).map(s => likelihood(s, reading, 2))
  expect(chances.map(c => inShort([c, chanceInWords(c)]))).toMatchSnapshot()
})
