import type { CatalogueOffer } from '#shared/records/kit/buys'
import { catalogueOffer, type Line } from './catalogueOffer'

/*
 * Prep, powder and set from the simulated suppliers: for every skin at least one, and what to take where somebody reacts.
 */
const at =
  (supplierId: string, brand: string) =>
  (kind: Line['kind'], range: string, priceMinor: number): Line => ({ supplierId, kind, brand, range, priceMinor })
const harbour = at('harbour-counter', 'Marrowmere')
const ropewalk = at('ropewalk-stores', 'Tansyhall')
const northlight = at('northlight-supply', 'Lumen Row')
const gangway = at('gangway-post', 'Fenwick Tarn')
const pro = at('northlight-supply', 'Brightwater Pro')

const remover = gangway('remover', 'Ebb', 1100)
const cleanser = ropewalk('cleanser', 'Rinse', 1300)
const toner = ropewalk('toner', 'Quiet Mist', 1200)
const mask = northlight('mask', 'Lull', 1600)
const moisturiser = ropewalk('moisturiser', 'Still Room', 2100)
const rich = gangway('moisturiser', 'Deep Keep', 2700)
const eyeCare = northlight('eye care', 'Watch', 2400)
const lipCare = ropewalk('lip care', 'Plain Basin', 900)
const sun = pro('sun protection', 'Breakwater', 2300)
const primer = harbour('primer', 'Tideline Ground', 2500)
const waterPrimer = ropewalk('primer', 'Quiet Water', 2300)
const lid = pro('eye primer', 'Hold Fast', 1700)
const glow = northlight('glow', 'Lantern Oil', 2200)
const medium = ropewalk('medium', 'Still Water', 1400)
const boost = harbour('medium', 'Tideline Fluid', 2100)
const loose = gangway('powder', 'Quayside Dust', 2000)
const pressed = harbour('powder', 'Tideline Veil', 2300)
const spray = pro('setting spray', 'Fog Line', 2400)

export const SIMULATED_PREP: readonly CatalogueOffer[] = [
  catalogueOffer(remover, 'Ebb eye and lip', 'Aqua, Isododecane, Isopropyl Palmitate, Sodium Chloride, Phenoxyethanol'),
  catalogueOffer(remover, 'Ebb balm', 'Caprylic/Capric Triglyceride, Cera Alba, Polysorbate 20, Tocopherol', {
    traits: { texture: 'balm', dispenser: 'pot' },
  }),
  catalogueOffer(remover, 'Ebb micellar', 'Aqua, Poloxamer 184, Glycerin, Panthenol', {
    traits: { claims: ['fragrance-free', 'oil-free'] },
  }),
  catalogueOffer(cleanser, 'Rinse gel', 'Aqua, Coco-Glucoside, Glycerin, Xanthan Gum', {
    traits: { claims: ['fragrance-free', 'oil-free'] },
  }),
  catalogueOffer(cleanser, 'Rinse cream', 'Aqua, Glycerin, Cetearyl Alcohol, Squalane', {
    traits: { texture: 'cream' },
  }),
  catalogueOffer(cleanser, 'Rinse foam', 'Aqua, Cocamidopropyl Betaine, Glycerin, Parfum'),
  catalogueOffer(toner, 'Quiet Mist', 'Aqua, Glycerin, Panthenol, Sodium Hyaluronate', {
    traits: { claims: ['fragrance-free'] },
  }),
  catalogueOffer(toner, 'Quiet Mist rose', 'Aqua, Rosa Damascena Flower Water, Glycerin, Citronellol, Geraniol'),
  catalogueOffer(mask, 'Lull patches', 'Aqua, Glycerin, Chondrus Crispus Powder, Sodium Hyaluronate', {
    traits: { texture: 'other' },
  }),
  catalogueOffer(mask, 'Lull clay', 'Aqua, Kaolin, Bentonite, Glycerin', { traits: { texture: 'cream' } }),
  catalogueOffer(moisturiser, 'Still Room gel', 'Aqua, Glycerin, Propanediol, Carbomer', {
    finish: 'matte',
    traits: { texture: 'gel', claims: ['oil-free', 'fragrance-free', 'silicone-free'] },
  }),
  catalogueOffer(moisturiser, 'Still Room lotion', 'Aqua, Glycerin, Squalane, Panthenol, Cetearyl Alcohol', {
    traits: { texture: 'lotion', claims: ['fragrance-free'] },
  }),
  catalogueOffer(moisturiser, 'Still Room calm', 'Aqua, Glycerin, Panthenol, Allantoin, Squalane', {
    traits: { texture: 'cream', claims: ['fragrance-free', 'vegan'] },
  }),
  catalogueOffer(rich, 'Deep Keep balm', 'Butyrospermum Parkii Butter, Lanolin, Cera Alba, Tocopherol', {
    traits: { texture: 'balm', dispenser: 'pot' },
  }),
  catalogueOffer(rich, 'Deep Keep cream', 'Aqua, Butyrospermum Parkii Butter, Glycerin, Squalane, Cetearyl Alcohol', {
    finish: 'dewy',
    traits: { dispenser: 'pot' },
  }),
  catalogueOffer(eyeCare, 'Watch gel', 'Aqua, Glycerin, Sodium Hyaluronate, Caffeine', {
    traits: { claims: ['fragrance-free', 'oil-free'] },
  }),
  catalogueOffer(eyeCare, 'Watch night', 'Butyrospermum Parkii Butter, Squalane, Cera Alba', {
    traits: { texture: 'balm', dispenser: 'pot' },
  }),
  catalogueOffer(lipCare, 'Plain lip fluid', 'Aqua, Glycerin, Panthenol, Hydroxyethylcellulose', {
    traits: { texture: 'gel', dispenser: 'tube' },
  }),
  catalogueOffer(lipCare, 'Plain lip butter', 'Butyrospermum Parkii Butter, Squalane, Candelilla Cera', {
    traits: { dispenser: 'tube' },
  }),
  catalogueOffer(lipCare, 'Plain lip scrub', 'Squalane, Sucrose, Glycerin', {
    traits: { texture: 'other', dispenser: 'pot' },
  }),
  catalogueOffer(
    sun,
    'Breakwater SPF 30',
    'SPF 30. Aqua, Zinc Oxide [nano], Titanium Dioxide, C12-15 Alkyl Benzoate, Glycerin',
    {
      traits: { spf: 30, filter: 'mineral' },
    },
  ),
  catalogueOffer(
    sun,
    'Breakwater Clear SPF 30',
    'SPF 30. Aqua, Bis-Ethylhexyloxyphenol Methoxyphenyl Triazine, Ethylhexyl Triazone, Glycerin, Silica',
    { traits: { spf: 30, filter: 'organic', texture: 'fluid' } },
  ),
  catalogueOffer(sun, 'Breakwater Milk SPF 50', 'SPF 50. Aqua, Ethylhexyl Triazone, Octocrylene, Glycerin', {
    traits: { spf: 50, filter: 'organic' },
  }),
  catalogueOffer(primer, 'Smooth ground', 'Dimethicone, Dimethicone Crosspolymer, Silica', { finish: 'satin' }),
  catalogueOffer(primer, 'Matte ground', 'Cyclopentasiloxane, Dimethicone Crosspolymer, Silica, Nylon-12', {
    finish: 'matte',
  }),
  catalogueOffer(primer, 'Redness ground', 'Aqua, Dimethicone, Glycerin, CI 77288', { lab: { L: 80, a: -10, b: 12 } }),
  catalogueOffer(waterPrimer, 'Quiet Water', 'Aqua, Glycerin, Sodium Hyaluronate, Xanthan Gum, Panthenol', {
    traits: { texture: 'fluid', claims: ['silicone-free', 'oil-free', 'fragrance-free'] },
  }),
  catalogueOffer(waterPrimer, 'Quiet Water grip', 'Aqua, Glycerin, PVP, Aloe Barbadensis Leaf Juice', {
    traits: { texture: 'gel', claims: ['silicone-free'] },
  }),
  catalogueOffer(lid, 'Hold Fast lid', 'Cyclopentasiloxane, Isododecane, Trimethylsiloxysilicate, Silica, CI 77491', {
    lab: { L: 70, a: 9, b: 17 },
    traits: { wearHours: 16, resists: ['water'] },
  }),
  catalogueOffer(
    lid,
    'Hold Fast lid deep',
    'Cyclopentasiloxane, Isododecane, Trimethylsiloxysilicate, Silica, CI 77499',
    {
      lab: { L: 40, a: 10, b: 14 },
      traits: { wearHours: 16, resists: ['water'] },
    },
  ),
  catalogueOffer(glow, 'Lantern drops', 'Aqua, Glycerin, Mica, Propanediol, Tin Oxide, CI 77891', {
    lab: { L: 84, a: 2, b: 9 },
  }),
  catalogueOffer(glow, 'Lantern bronze', 'Aqua, Glycerin, Mica, CI 77491', { lab: { L: 50, a: 16, b: 26 } }),
  catalogueOffer(medium, 'Still Water thinner', 'Aqua, Glycerin, Propanediol, Xanthan Gum'),
  catalogueOffer(boost, 'Tideline thinner', 'Cyclopentasiloxane, Dimethicone, Tocopherol'),
  catalogueOffer(boost, 'Tideline hold drops', 'Isododecane, Trimethylsiloxysilicate, Dimethicone', {
    coverage: 'medium',
    finish: 'satin',
    traits: { wearHours: 22, resists: ['water', 'transfer'] },
  }),
  catalogueOffer(boost, 'Tideline cover drops', 'Cyclopentasiloxane, CI 77891, Dimethicone', { coverage: 'full' }),
  ...(
    [
      ['Fine Flour', 74, 7, 15],
      ['Oat Dust', 62, 10, 19],
      ['Cocoa Dust', 46, 11, 16],
      ['Peat Dust', 32, 10, 12],
    ] as const
  ).map(([name, L, a, b]) =>
    catalogueOffer(loose, name, 'Talc, Mica, Magnesium Stearate, CI 77491, CI 77499', { lab: { L, a, b } }),
  ),
  catalogueOffer(loose, 'Rice Veil', 'Oryza Sativa Starch, Mica, Kaolin, Tocopherol', {
    traits: { claims: ['vegan', 'fragrance-free'] },
  }),
  ...(
    [
      ['Veil Fair', 76, 7, 14],
      ['Veil Tan', 58, 12, 20],
      ['Veil Deep', 38, 11, 14],
    ] as const
  ).map(([name, L, a, b]) =>
    catalogueOffer(pressed, name, 'Talc, Mica, Zinc Stearate, Dimethicone, CI 77491, CI 77492', {
      lab: { L, a, b },
      traits: { texture: 'pressed powder', dispenser: 'pan' },
    }),
  ),
  catalogueOffer(spray, 'Fog Line', 'Aqua, Alcohol Denat., PVP, VP/VA Copolymer, Glycerin', {
    finish: 'matte',
    traits: { wearHours: 12, resists: ['water', 'transfer'] },
  }),
  catalogueOffer(spray, 'Fog Line gentle', 'Aqua, PVP, Glycerin, Panthenol', {
    traits: { wearHours: 10, claims: ['fragrance-free'] },
  }),
  catalogueOffer(
    northlight('setting spray', 'Dew Point', 2000),
    'Dew Point',
    'Aqua, Glycerin, Propanediol, Panthenol',
    {
      finish: 'dewy',
      traits: { wearHours: 6, claims: ['fragrance-free'] },
    },
  ),
]
