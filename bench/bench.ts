import { difference } from '#core/colour/difference'
import type { Lab } from '#core/colour/lab'
import { packPigments } from '#core/complexion/bottles/pigments'
import { everyone } from '#core/complexion/skins/population'
import { reach } from '#core/complexion/reach'
import { sweep } from '#core/complexion/mixing/sweep'
import { DEFAULT_OPTIONS } from '#core/complexion/mixing/recipe'
import { skinAt } from '#core/complexion/skins/skin'
import type { ComplexionProduct } from '#core/complexion/bottles/product'
import { seeded } from '../tests/support/random'
import { ADJUSTERS, shade } from '../tests/support/kits'
import { culoriDeltaE, everyRecipe, plainReach } from '../tests/support/straightforward'

/*
 * Each figure next to a straightforward implementation in the same run: the model written with objects, one recipe after
 * the other, and culori's difference function. Results must be equal, or the run fails.
 */

const ROUNDS = 3

/** Median seconds of a few rounds, and the last result. */
function time<T>(work: () => T): { seconds: number; result: T } {
  const seconds: number[] = []
  let result!: T
  for (let i = 0; i < ROUNDS; i++) {
    const from = performance.now()
    result = work()
    seconds.push((performance.now() - from) / 1000)
  }
  return { seconds: seconds.sort((x, y) => x - y)[Math.floor(ROUNDS / 2)]!, result }
}

function assertEqual(name: string, x: number, y: number, tolerance: number): void {
  if (!(Math.abs(x - y) <= tolerance)) throw new Error(`${name}: ${x} is not ${y}`)
}

const rows: { what: string; ours: string; plain: string; ratio: string }[] = []
const add = (what: string, ours: number, plain: number, unit: (seconds: number) => string) =>
  rows.push({
    what,
    ours: unit(ours),
    plain: unit(plain),
    ratio: `${(plain / ours).toFixed(1)} ×`,
  })
const perSecond = (count: number) => (seconds: number) => `${(count / seconds / 1e6).toFixed(2)} M/s`
const inSeconds = (seconds: number) => `${seconds.toFixed(3)} s`

// ΔE00 evaluations
const random = seeded(7)
const colours: Lab[] = Array.from({ length: 2000 }, () =>
  skinAt(random.between(0, 13), random.between(-15, 15), random.between(0.7, 1.3)),
)
const sumOf = (measure: (x: Lab, y: Lab) => number) => () => {
  let sum = 0
  for (let i = 0; i < 500; i++) for (const colour of colours) sum += measure(colours[i]!, colour)
  return sum
}
const oursE = time(sumOf(difference))
const plainE = time(sumOf(culoriDeltaE))
assertEqual('sum of ΔE00', oursE.result, plainE.result, 1e-3)
add('ΔE00 evaluations', oursE.seconds, plainE.seconds, perSecond(500 * colours.length))

// Mixes and reach of 20 one-family products
const products: ComplexionProduct[] = [
  ...Array.from({ length: 15 }, (_, i) => shade(1 + (i * 11) / 14, { id: `n${i}` })),
  ...ADJUSTERS,
]
const limits = { maxProducts: DEFAULT_OPTIONS.maxProducts, maxDrops: DEFAULT_OPTIONS.maxDrops }
const pigments = packPigments(products)
const oursM = time(() => {
  let count = 0
  let sum = 0
  sweep(
    pigments,
    { ...limits, illuminant: 'D65' },
    {
      recipe(state) {
        count++
        sum += state.L
      },
    },
  )
  return { count, sum }
})
const plainM = time(() => everyRecipe(products, limits))
assertEqual('number of recipes', oursM.result.count, plainM.result.length, 0)
assertEqual(
  'sum of L*',
  oursM.result.sum,
  plainM.result.reduce((s, r) => s + r.lab.L, 0),
  1e-3,
)
add(`mixes to Lab (${oursM.result.count} recipes)`, oursM.seconds, plainM.seconds, perSecond(oursM.result.count))

const skins = everyone()
const oursR = time(() => reach(packPigments(products), skins).share)
const plainFrom = performance.now()
const recipes = everyRecipe(products, limits)
const plainShare = { within1: plainReach(recipes, skins, 1) }
const plainSeconds = (performance.now() - plainFrom) / 1000
// One pass is timed; the other limits only check equality.
assertEqual('reach within 1', oursR.result.within1, plainShare.within1, 1e-9)
assertEqual('reach within 2', oursR.result.within2, plainReach(recipes, skins, 2), 1e-9)
assertEqual('reach within 3', oursR.result.within3, plainReach(recipes, skins, 3), 1e-9)
add('reach: 20 products, 3 per recipe, 8 drops, 92 skins', oursR.seconds, plainSeconds, inSeconds)

console.log('Ours against a straightforward implementation with culori, same run, results equal:\n')
console.table(Object.fromEntries(rows.map(({ what, ...figures }) => [what, figures])))
