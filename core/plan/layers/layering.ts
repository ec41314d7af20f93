import { separationRisk, type PaletteTest, type Risk } from '../../complexion/bottles/mixable'
import { isLight, isPowder, type KitItem } from '../../product/item'
import type { PlanSettings } from '../../asked/settings'
import type { SlotId } from '../../asked/slots'

/** What a risky pair of layers costs a chain. Starting values, ours, as those below; which pairs are risky: complexion/bottles/mixable.ts. */
export const LAYER_COST: Readonly<Record<Risk, number>> = { none: 0, some: 1, high: 3 }
const CREAM_OVER_POWDER = 1
// What remains of the risk once the layer below has sunk in and dried.
const SETTLED = 0.2
const RICH_SETTLED = 0.25
/** Wiped off, dried or blotted, or no film at all: nothing of it meets the next layer. */
export const NO_LAYER: readonly SlotId[] = ['cleanse', 'tone', 'mask', 'lip care', 'lash glue', 'lashes']
const SKINCARE: readonly SlotId[] = ['cleanse', 'tone', 'moisturise', 'eye care', 'sun protection']
// On purpose over powder.
const EXEMPT_OVER_POWDER: readonly SlotId[] = ['set', 'highlight', 'liner']

const sameRange = (x: string, y: string) => x !== '' && x === y

/** What the palette showed of two ranges; undefined when never tried. */
export function paletteTest(x: string, y: string, tests: readonly PaletteTest[]): PaletteTest['result'] | undefined {
  return [...tests].reverse().find(t => (t.a === x && t.b === y) || (t.a === y && t.b === x))?.result
}

/** Risk of two products separating where they meet: the palette test first, then the range, then the table. */
export function riskBetween(
  x: Pick<KitItem, 'family' | 'range'>,
  y: Pick<KitItem, 'family' | 'range'>,
  tests: readonly PaletteTest[],
): { risk: Risk; tested: boolean; known: boolean } {
  const tested = paletteTest(x.range, y.range, tests)
  if (tested) return { risk: tested === 'held' ? 'none' : 'high', tested: true, known: true }
  if (sameRange(x.range, y.range)) return { risk: 'none', tested: false, known: true }
  // Powder lies on a layer, it does not mix into it.
  if (x.family === 'powder' || y.family === 'powder') return { risk: 'none', tested: false, known: true }
  const known = x.family !== 'unknown' && y.family !== 'unknown'
  return { risk: known ? separationRisk(x.family, y.family) : 'some', tested: false, known }
}

/**
 * What a layer meets the others as: two of one kind cost the same under and over every other, see {@link seamBetween}.
 * @param ranges that more than one place or a palette test knows; of any other nothing depends on the name
 */
export const meetsAs = (item: KitItem, slot: SlotId, ranges: ReadonlySet<string>): string =>
  `${slot} ${item.family} ${isPowder(item)} ${isLight(item)} ${ranges.has(item.range) ? item.range : ''}`

/** Ranges on which it may depend how two layers meet: those of several places, and those tried on the palette. */
export function rangesThatMeet(places: readonly (readonly KitItem[])[], tests: readonly PaletteTest[]): Set<string> {
  const seen = new Set(tests.flatMap(t => [t.a, t.b]))
  const before = new Set<string>()
  for (const place of places) {
    const here = new Set(place.map(i => i.range))
    for (const range of here) (before.has(range) ? seen : before).add(range)
  }
  seen.delete('')
  return seen
}

export interface Seam {
  risk: Risk
  cost: number
  sentence: string
  mend: string
}

/**
 * What happens where one layer lies on another; null where nothing does.
 * @param under the layer below with its slot
 */
export function seamBetween(
  under: { item: KitItem; slot: SlotId },
  over: { item: KitItem; slot: SlotId },
  settings: Pick<PlanSettings, 'paletteTests' | 'order'>,
): Seam | null {
  if (isPowder(under.item) && !isPowder(over.item)) {
    if (EXEMPT_OVER_POWDER.includes(over.slot)) return null
    return {
      risk: 'some',
      cost: CREAM_OVER_POWDER,
      sentence: `${over.item.name} is a ${over.item.texture} over powder and may drag it`,
      mend: 'press it on before the powder, or take a powder',
    }
  }
  const { risk, tested, known } = riskBetween(under.item, over.item, settings.paletteTests)
  if (risk === 'none') return null
  // A tested pair stays what it was seen to be; an untested light layer that has sunk in hardly matters.
  // A rich cream takes a quarter of an hour: where the eyes are done meanwhile there is time for it.
  const meanwhile = settings.order === 'eyes while skincare settles'
  const settled = !tested && SKINCARE.includes(under.slot) && (isLight(under.item) || meanwhile)
  const cost = LAYER_COST[risk] * (settled ? (isLight(under.item) ? SETTLED : RICH_SETTLED) : 1)
  // While the eyes are done it has its five minutes anyway.
  const light = isLight(under.item)
  if (settled && ((meanwhile && light) || risk !== 'high')) return null
  const why = tested
    ? `${under.item.name} and ${over.item.name} separated on your palette`
    : known
      ? `${over.item.family} over ${under.item.family} may ${risk === 'high' ? 'roll or separate' : 'slip'}`
      : `the base of ${under.item.family === 'unknown' ? under.item.name : over.item.name} is not known: try the two on the palette`
  return {
    risk: settled ? 'some' : risk,
    cost,
    sentence: why,
    mend: settled
      ? light
        ? 'let it sink in for five minutes'
        : 'let it sink in for a quarter of an hour; the eyes are done meanwhile'
      : tested
        ? 'take another'
        : 'let it set four minutes and press, do not rub',
  }
}
