import { skinAt } from '#core/complexion/skins/skin'
import type { Lab } from '#core/colour/lab'
import type { Coverage, Family } from '#core/complexion/bottles/product'
import { USUAL_BY_KIND, type Traits } from '#core/stock/things/usual'
import type { Finish, ItemKind } from '#core/product/item'
import type { OwnedProductInput } from '#shared/records/kit/kit'
import type { Carried } from './carried'
import { DEMO_COLOUR } from './colour'
import { DEMO_PREP } from './prep'

/*
 * What Imre Solvang-Adebayo of Port Maren carries. The flaws are deliberate: nothing deeper than 10, nothing olive,
 * three near-identical mid shades, the most used bottle empty, and adjusters without an olive or a blue.
 */

interface Line {
  brand: string
  range: string
  family: Family
  finish: Finish
  coverage: Coverage
  sizeMl: number
  priceMinor: number
  inci: string
  traits: Partial<Traits>
}

const TIDELINE: Line = {
  brand: 'Marrowmere',
  range: 'Tideline Fluid',
  family: 'silicone',
  finish: 'satin',
  coverage: 'medium',
  sizeMl: 30,
  priceMinor: 3200,
  inci: 'Aqua, Cyclopentasiloxane, Dimethicone, Glycerin, PEG-10 Dimethicone, Phenoxyethanol. May contain: CI 77891, CI 77491, CI 77492, CI 77499',
  traits: { wearHours: 12, resists: ['water'], dispenser: 'pump', buildable: true },
}
const STILL_WATER: Line = {
  brand: 'Tansyhall',
  range: 'Still Water',
  family: 'water',
  finish: 'natural',
  coverage: 'light',
  sizeMl: 30,
  priceMinor: 2600,
  inci: 'Aqua, Glycerin, Propanediol, Squalane, Xanthan Gum, Panthenol. May contain: CI 77891, CI 77491, CI 77492',
  traits: { wearHours: 6, dispenser: 'dropper', claims: ['silicone-free', 'fragrance-free'], buildable: true },
}
const LANTERN: Line = {
  brand: 'Sable Quarter',
  range: 'Lantern Cream',
  family: 'oil',
  finish: 'dewy',
  coverage: 'full',
  sizeMl: 12,
  priceMinor: 2900,
  inci: 'Caprylic/Capric Triglyceride, Ricinus Communis Seed Oil, Cera Alba, Kaolin, Parfum, Linalool. May contain: CI 77891, CI 77491',
  traits: { wearHours: 8, texture: 'cream', dispenser: 'pot' },
}
const TOUCH: Line = {
  brand: 'Marrowmere',
  range: 'Tideline Touch',
  family: 'silicone',
  finish: 'natural',
  coverage: 'medium',
  sizeMl: 15,
  priceMinor: 1900,
  inci: 'Cyclopentasiloxane, Dimethicone, Isododecane, Tocopherol. May contain: CI 77891, CI 77491, CI 77492',
  traits: {},
}
const PINPOINT: Line = {
  brand: 'Oriel & Pike',
  range: 'Pinpoint',
  family: 'silicone',
  finish: 'matte',
  coverage: 'full',
  sizeMl: 6,
  priceMinor: 1700,
  inci: 'Cyclopentasiloxane, Isododecane, Trimethylsiloxysilicate, Silica. May contain: CI 77891, CI 77491',
  traits: { wearHours: 12 },
}

interface Bottle extends Partial<Line> {
  shade: string
  lab: Lab
  level: number
  openedDaysAgo: number
  notes?: string
}

const bottle =
  (kind: ItemKind, line: Line) =>
  ({ shade, lab, level, openedDaysAgo, notes = '', ...own }: Bottle) => ({
    openedDaysAgo,
    product: {
      kind,
      colourSource: 'given colour',
      ...line,
      flagFixes: {},
      strength: 1,
      shade,
      lab,
      level,
      notes,
      ...own,
      traits: { ...USUAL_BY_KIND[kind].traits, spf: 0, filter: 'none', ...line.traits },
    } satisfies OwnedProductInput,
  })
const tideline = bottle('foundation', TIDELINE)
const stillWater = bottle('foundation', STILL_WATER)
const lantern = bottle('foundation', LANTERN)
const touch = bottle('adjuster', TOUCH)
const pinpoint = bottle('concealer', PINPOINT)

export const DEMO_COMPLEXION: readonly Carried[] = [
  tideline({ shade: 'Shell Grit', lab: skinAt(1.5, -2, 0.98), level: 0.9, openedDaysAgo: 80 }),
  tideline({ shade: 'Dune', lab: skinAt(3, 4, 1.02), level: 0.55, openedDaysAgo: 120 }),
  tideline({ shade: 'Almond Lane', lab: skinAt(4.6, 0.5, 1.01), level: 0.7, openedDaysAgo: 150 }),
  tideline({ shade: 'Almond Row', lab: skinAt(4.7, 1, 1.0), level: 0.95, openedDaysAgo: 40 }),
  tideline({ shade: 'Almond Court', lab: skinAt(4.55, 0, 1.03), level: 0.8, openedDaysAgo: 210 }),
  tideline({
    shade: 'Toffee Tin',
    lab: skinAt(6.4, 5, 1.06),
    level: 0,
    openedDaysAgo: 190,
    notes: 'In nearly every mix since spring.',
  }),
  tideline({ shade: 'Brick Lane End', lab: skinAt(8, -3, 1), level: 0.85, openedDaysAgo: 130 }),
  tideline({ shade: 'Keel', lab: skinAt(10, 0, 1), level: 0.9, openedDaysAgo: 90 }),
  touch({ shade: 'Lift', lab: { L: 93, a: 0, b: 3 }, level: 0.6, openedDaysAgo: 160, coverage: 'full' }),
  touch({ shade: 'Ochre', lab: { L: 72, a: 9, b: 56 }, level: 0.75, openedDaysAgo: 160 }),
  touch({ shade: 'Madder', lab: { L: 43, a: 36, b: 25 }, level: 0.9, openedDaysAgo: 160 }),
  stillWater({ shade: 'Reed', lab: skinAt(2.2, 0, 1), level: 0.7, openedDaysAgo: 60 }),
  stillWater({ shade: 'Thrift', lab: skinAt(4.2, -8, 1), level: 0.5, openedDaysAgo: 60 }),
  stillWater({ shade: 'Barley', lab: skinAt(6.1, 6, 1.04), level: 0.35, openedDaysAgo: 100 }),
  lantern({ shade: 'Wick', lab: skinAt(3.4, 3, 1.03), level: 0.9, openedDaysAgo: 30 }),
  lantern({ shade: 'Ember', lab: skinAt(7.1, 2, 1.02), level: 0.65, openedDaysAgo: 30 }),
  lantern({ shade: 'Smoulder', lab: skinAt(9.2, -4, 1), level: 0.9, openedDaysAgo: 30 }),
  pinpoint({ shade: 'Chalk Path', lab: skinAt(1.8, 2, 1), level: 0.4, openedDaysAgo: 140 }),
  pinpoint({ shade: 'Biscuit', lab: skinAt(4, 3, 1.05), level: 0.6, openedDaysAgo: 140 }),
  pinpoint({ shade: 'Saddle', lab: skinAt(6.8, 4, 1.05), level: 0.15, openedDaysAgo: 140 }),
  pinpoint({ shade: 'Peat', lab: skinAt(9.5, 1, 1), level: 0.8, openedDaysAgo: 140 }),
]

export const DEMO_KIT: readonly Carried[] = [...DEMO_COMPLEXION, ...DEMO_PREP, ...DEMO_COLOUR]
