import type { CatalogueOffer } from '#shared/records/kit/buys'
import { catalogueOffer, type Line } from './catalogueOffer'

/*
 * Correctors and colour from the simulated suppliers, from fair to deep.
 */
const CREAM =
  'Caprylic/Capric Triglyceride, Cera Microcristallina, Kaolin, Tocopherol. May contain: CI 77891, CI 77491, CI 77492'
const PRESSED = 'Talc, Mica, Zinc Stearate, Dimethicone, Caprylyl Glycol. May contain: CI 77491, CI 77492, CI 77499'
const STICK =
  'Octyldodecanol, Candelilla Cera, Diisostearyl Malate, Tocopherol. May contain: CI 15850, CI 77891, CI 77491'
const PENCIL =
  'Isododecane, Cera Microcristallina, Synthetic Wax, Tocopherol. May contain: CI 77491, CI 77499, CI 15850'
const SHINE = 'Polyisobutene, Octyldodecanol, Silica, Tocopherol. May contain: CI 15850, CI 77891'
const BODY = 'Aqua, Isododecane, Glycerin, Acrylates Copolymer, CI 77891, CI 77491, CI 77492, CI 77499'

const line = (supplierId: string, kind: Line['kind'], brand: string, range: string, priceMinor: number): Line => ({
  supplierId,
  kind,
  brand,
  range,
  priceMinor,
})
type Shade = readonly [name: string, L: number, a: number, b: number]
const shades = (of: Line, inci: string, list: readonly Shade[], said: Parameters<typeof catalogueOffer>[3] = {}) =>
  list.map(([name, L, a, b]) => catalogueOffer(of, name, inci, { lab: { L, a, b }, ...said }))

export const SIMULATED_COLOUR: readonly CatalogueOffer[] = [
  ...shades(line('ropewalk-stores', 'corrector', 'Oriel & Pike', 'Cancel', 1500), CREAM, [
    ['Shell Peach', 76, 16, 24],
    ['Apricot', 66, 24, 34],
    ['Marigold', 54, 32, 42],
    ['Brick', 42, 34, 34],
    ['Leaf', 72, -14, 14],
  ]),
  ...shades(line('gangway-post', 'contour', 'Fenwick Tarn', 'Slate', 1600), PRESSED, [
    ['Drift', 52, 8, 14],
    ['Bramble', 33, 9, 10],
    ['Night Slate', 22, 6, 6],
  ]),
  ...shades(line('gangway-post', 'bronzer', 'Fenwick Tarn', 'Sandglass', 1700), PRESSED, [
    ['Morning', 64, 13, 24],
    ['Noon', 55, 15, 26],
    ['Dusk', 38, 16, 22],
  ]),
  ...shades(line('northlight-supply', 'blush', 'Lumen Row', 'Flush', 1600), PRESSED, [
    ['Rosehip', 58, 30, 14],
    ['Brick Dust', 46, 30, 26],
    ['Damson', 33, 32, 4],
    ['Madrone', 40, 36, 22],
  ]),
  ...shades(
    line('harbour-counter', 'blush', 'Marrowmere', 'Tideline Cheek', 1800),
    STICK,
    [['Coral Reef', 62, 32, 26]],
    {
      finish: 'dewy',
      traits: { texture: 'cream', dispenser: 'pot', alsoFor: ['lip colour'], safeFor: ['face', 'lips'] },
    },
  ),
  ...shades(line('northlight-supply', 'highlighter', 'Lumen Row', 'Beacon', 1700), PRESSED, [
    ['Low Beam', 80, 5, 16],
    ['Copper Beam', 58, 18, 30],
    ['Bronze Beam', 44, 18, 26],
  ]),
  ...shades(line('ropewalk-stores', 'brow', 'Tansyhall', 'Thatch', 1300), PRESSED, [
    ['Ash Thatch', 45, 4, 9],
    ['Red Thatch', 38, 14, 16],
    ['Dark Thatch', 24, 4, 5],
  ]),
  ...shades(
    line('gangway-post', 'eye colour', 'Fenwick Tarn', 'Field Palette', 900),
    PRESSED,
    [
      ['Oyster', 82, 3, 9],
      ['Biscuit', 70, 7, 15],
      ['Fawn', 56, 10, 17],
      ['Peat', 36, 9, 12],
      ['Slate', 34, 0, -4],
      ['Soot', 14, 1, 1],
    ],
    { finish: 'matte' },
  ),
  ...shades(
    line('northlight-supply', 'eye colour', 'Lumen Row', 'Foil', 1400),
    PRESSED,
    [
      ['Tin Foil', 74, 0, 2],
      ['Copper Foil', 52, 22, 32],
    ],
    { finish: 'luminous', traits: { sparkle: 'fine' } },
  ),
  ...shades(
    line('northlight-supply', 'liner', 'Brightwater Pro', 'Rope Line', 1500),
    PENCIL,
    [
      ['Rope Line black', 9, 0, 0],
      ['Rope Line brown', 25, 10, 12],
    ],
    { traits: { resists: ['water', 'tears'], wearHours: 16 } },
  ),
  ...shades(
    line('northlight-supply', 'mascara', 'Brightwater Pro', 'Breaker', 1900),
    'Isododecane, Cera Microcristallina, Copernicia Cerifera Wax, CI 77499',
    [
      ['Breaker waterproof', 8, 0, 0],
      ['Breaker waterproof brown', 22, 8, 10],
    ],
    { traits: { resists: ['water', 'tears'], wearHours: 16 } },
  ),
  ...shades(
    line('ropewalk-stores', 'mascara', 'Oriel & Pike', 'Reed', 1400),
    'Aqua, Stearic Acid, Copernicia Cerifera Wax, Acacia Senegal Gum, CI 77499',
    [
      ['Reed black', 8, 0, 0],
      ['Reed brown', 22, 8, 10],
    ],
  ),
  catalogueOffer(line('northlight-supply', 'lashes', 'Lumen Row', 'Feather', 900), 'Wren, sparse', '', { sizeMl: 10 }),
  catalogueOffer(line('northlight-supply', 'lashes', 'Lumen Row', 'Feather', 1100), 'Rook, full', '', {
    coverage: 'full',
    sizeMl: 10,
  }),
  catalogueOffer(
    line('northlight-supply', 'lash glue', 'Lumen Row', 'Feather', 800),
    'Latex-free glue',
    'Aqua, Acrylates Copolymer, Glycerin',
  ),
  ...shades(line('harbour-counter', 'lip liner', 'Marrowmere', 'Tideline Edge', 1000), PENCIL, [
    ['Bare Edge', 52, 18, 16],
    ['Rose Edge', 42, 30, 14],
    ['Mahogany Edge', 26, 18, 12],
  ]),
  ...shades(line('harbour-counter', 'lip colour', 'Marrowmere', 'Tideline Lip', 1700), STICK, [
    ['Bare Tide', 56, 20, 18],
    ['Rose Tide', 46, 36, 14],
    ['Red Tide', 40, 54, 32],
    ['Berry Tide', 30, 34, 6],
    ['Cocoa Tide', 30, 18, 16],
  ]),
  ...shades(line('harbour-counter', 'gloss', 'Marrowmere', 'Tideline Gleam', 1200), SHINE, [
    ['Clear Gleam', 90, 0, 2],
    ['Rose Gleam', 62, 26, 12],
  ]),
  ...shades(
    line('gangway-post', 'body make-up', 'Fenwick Tarn', 'Long Shore', 2900),
    BODY,
    [
      ['Shore Fair', 70, 9, 17],
      ['Shore Tan', 52, 13, 21],
      ['Shore Deep', 34, 11, 14],
    ],
    { traits: { resists: ['water', 'transfer'], wearHours: 14 } },
  ),
]
