import { TYPICAL_UNDERTONE, skinAt, type Undertone } from '#core/complexion/skins/skin'
import type { Lab } from '#core/colour/lab'
import { USUAL_BY_KIND } from '#core/stock/things/usual'
import type { CatalogueOffer, Supplier } from '#shared/records/kit/buys'
import { offerId } from './catalogueOffer'
import { SIMULATED_COLOUR } from './simulatedColour'
import { SIMULATED_PREP } from './simulatedPrep'

/*
 * Four invented suppliers with their offers. They stand in for real ones, ship with the application and are named as
 * simulated wherever they show.
 */
export const SIMULATED_SUPPLIERS: readonly Supplier[] = [
  { id: 'harbour-counter', name: 'Harbour Counter (simulated)', leadDays: 1 },
  { id: 'ropewalk-stores', name: 'Ropewalk Stores (simulated)', leadDays: 3 },
  { id: 'northlight-supply', name: 'Northlight Supply (simulated)', leadDays: 5 },
  { id: 'gangway-post', name: 'Gangway Post (simulated)', leadDays: 9 },
]

type Range = Pick<
  CatalogueOffer,
  'supplierId' | 'kind' | 'brand' | 'range' | 'family' | 'finish' | 'coverage' | 'sizeMl' | 'priceMinor'
>

const range = (of: Range, shades: readonly (readonly [string, Lab, Partial<Range>?])[]): CatalogueOffer[] =>
  shades.map(([shade, lab, own]) => ({
    ...of,
    colourSource: 'given colour',
    inci: '',
    flagFixes: {},
    traits: USUAL_BY_KIND[of.kind].traits,
    shade,
    lab,
    ...own,
    id: offerId(of.range, shade),
    productId: offerId(of.range, shade),
    inStock: true,
  }))
/** A shade near an undertone's typical skin, a little off as makers are. */
const near = (depth: number, undertone: Undertone, turn = 0, strength = 1): Lab =>
  skinAt(
    depth,
    TYPICAL_UNDERTONE[undertone].hueDeviation * 0.8 + turn,
    1 + (TYPICAL_UNDERTONE[undertone].chromaRatio - 1) * 0.8 * strength,
  )

const TIDELINE: Range = {
  supplierId: 'harbour-counter',
  kind: 'foundation',
  brand: 'Marrowmere',
  range: 'Tideline Fluid',
  family: 'silicone',
  finish: 'satin',
  coverage: 'medium',
  sizeMl: 30,
  priceMinor: 3200,
}
const TOUCH: Range = {
  ...TIDELINE,
  kind: 'adjuster',
  range: 'Tideline Touch',
  finish: 'natural',
  sizeMl: 15,
  priceMinor: 1900,
}
const STILL_WATER: Range = {
  supplierId: 'ropewalk-stores',
  kind: 'foundation',
  brand: 'Tansyhall',
  range: 'Still Water',
  family: 'water',
  finish: 'natural',
  coverage: 'light',
  sizeMl: 30,
  priceMinor: 2600,
}
const LONG_EVENING: Range = {
  supplierId: 'northlight-supply',
  kind: 'foundation',
  brand: 'Lumen Row',
  range: 'Long Evening',
  family: 'hydrocarbon',
  finish: 'matte',
  coverage: 'full',
  sizeMl: 30,
  priceMinor: 4400,
}
const LANTERN: Range = {
  supplierId: 'gangway-post',
  kind: 'foundation',
  brand: 'Sable Quarter',
  range: 'Lantern Cream',
  family: 'oil',
  finish: 'dewy',
  coverage: 'full',
  sizeMl: 12,
  priceMinor: 2900,
}
const PINPOINT: Range = {
  supplierId: 'ropewalk-stores',
  kind: 'concealer',
  brand: 'Oriel & Pike',
  range: 'Pinpoint',
  family: 'silicone',
  finish: 'matte',
  coverage: 'full',
  sizeMl: 6,
  priceMinor: 1700,
}
const QUAYSIDE: Range = {
  supplierId: 'gangway-post',
  kind: 'foundation',
  brand: 'Fenwick Tarn',
  range: 'Quayside Skin',
  family: 'silicone',
  finish: 'natural',
  coverage: 'light',
  sizeMl: 25,
  priceMinor: 2150,
}

export const SIMULATED_OFFERS: readonly CatalogueOffer[] = [
  ...SIMULATED_PREP,
  ...SIMULATED_COLOUR,
  ...range(TIDELINE, [
    ['Shell Grit', skinAt(1.5, -2, 0.98)],
    ['Oyster', near(1.2, 'rosy')],
    ['Sandbar', near(2, 'golden')],
    ['Dune', skinAt(3, 4, 1.02)],
    ['Cockle', near(3.2, 'rosy', 2)],
    ['Marram', near(3.8, 'olive', -1)],
    ['Almond Row', skinAt(4.7, 1, 1.0)],
    ['Sea Thrift', near(5, 'rosy')],
    ['Samphire', near(5.6, 'olive')],
    ['Toffee Tin', skinAt(6.4, 5, 1.06)],
    ['Bladderwrack', near(7.2, 'olive', 1)],
    ['Brick Lane End', skinAt(8, -3, 1)],
    ['Rope Amber', near(8.4, 'golden')],
    ['Keel', skinAt(10, 0, 1)],
    ['Mooring', near(10.8, 'golden', -1)],
    ['Deep Sound', near(12, 'neutral')],
    ['Black Oak', near(12.4, 'golden')],
  ]),
  ...range(TOUCH, [
    ['Lift', { L: 93, a: 0, b: 3 }, { coverage: 'full' }],
    ['Ochre', { L: 72, a: 9, b: 56 }],
    ['Madder', { L: 43, a: 36, b: 25 }],
    ['Kelp', { L: 51, a: -3, b: 27 }],
    ['Slate Blue', { L: 39, a: -3, b: -32 }],
    ['Umber', { L: 24, a: 9, b: 10 }],
  ]),
  ...range(STILL_WATER, [
    ['Reed', skinAt(2.2, 0, 1)],
    ['Thrift', skinAt(4.2, -8, 1)],
    ['Barley', skinAt(6.1, 6, 1.04)],
    ['Sallow', near(4.8, 'olive')],
    ['Clay Bank', near(7.6, 'rosy')],
    ['Tannin', near(9.4, 'neutral')],
    ['Bog Myrtle', near(9, 'olive')],
    ['Nightwater', near(11.6, 'neutral')],
    ['Pale Rush', near(1, 'neutral')],
    ['Honey Reach', near(8, 'golden')],
  ]),
  ...range(
    { ...STILL_WATER, kind: 'adjuster', range: 'Still Water Drops', coverage: 'medium', sizeMl: 10, priceMinor: 1500 },
    [
      ['White', { L: 92, a: 0, b: 2 }, { coverage: 'full' }],
      ['Gold', { L: 70, a: 10, b: 54 }],
      ['Moss', { L: 49, a: -4, b: 25 }],
    ],
  ),
  ...range(LONG_EVENING, [
    ['First Star', near(1.4, 'neutral')],
    ['Lamplight', near(3, 'golden')],
    ['Foyer', near(4.4, 'neutral')],
    ['Curtain', near(5.8, 'rosy')],
    ['Gallery', near(7, 'golden')],
    ['Balcony', near(8.6, 'neutral')],
    ['Wings', near(10.4, 'rosy')],
    ['Blackout', near(11.8, 'neutral')],
  ]),
  ...range(LANTERN, [
    ['Wick', skinAt(3.4, 3, 1.03)],
    ['Tallow', near(1.6, 'neutral')],
    ['Glow-worm', near(5.2, 'olive')],
    ['Ember', skinAt(7.1, 2, 1.02)],
    ['Smoulder', skinAt(9.2, -4, 1)],
    ['Charcoal', near(11.4, 'neutral')],
  ]),
  ...range(QUAYSIDE, [
    ['Gull', near(1.8, 'rosy')],
    ['Pebble', near(3.4, 'neutral')],
    ['Net', near(4.9, 'olive', 1)],
    ['Rust', near(6.6, 'rosy')],
    ['Tar', near(11, 'neutral')],
    ['Pilot', near(8.2, 'olive')],
  ]),
  ...range(PINPOINT, [
    ['Chalk Path', skinAt(1.8, 2, 1)],
    ['Biscuit', skinAt(4, 3, 1.05)],
    ['Saddle', skinAt(6.8, 4, 1.05)],
    ['Peat', skinAt(9.5, 1, 1)],
    ['Lodestone', near(11.6, 'golden')],
  ]),
]
