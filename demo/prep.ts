import { carried, type Carried } from './carried'

/*
 * Prep, powders and sets. Deliberate flaws: a silicone primer bought for a water-based foundation, a balm with lanolin,
 * a clear powder that turns grey on deep skin, a strong alcohol spray kept for other uses.
 */
export const DEMO_PREP: readonly Carried[] = [
  carried('remover', 'Brightwater Pro', 'Slack Tide', 'Slack Tide remover', {
    inci: 'Aqua, Hexylene Glycol, Glycerin, Poloxamer 184, Disodium EDTA',
    level: 0.5,
  }),
  carried('remover', 'Brightwater Pro', 'Slack Tide', 'Undertow oil', {
    inci: 'Ethylhexyl Stearate, Caprylic/Capric Triglyceride, Sorbeth-30 Tetraoleate, Tocopherol',
    level: 0.6,
    notes: 'For glue and long-wear.',
  }),
  carried('cleanser', 'Oriel & Pike', 'Plain Basin', 'Plain Basin gel', {
    inci: 'Aqua, Glycerin, Coco-Glucoside, Panthenol, Citric Acid, Sodium Benzoate',
    traits: { claims: ['fragrance-free'] },
  }),
  carried('cleanser', 'Tansyhall', 'Morning Milk', 'Morning Milk', {
    inci: 'Aqua, Helianthus Annuus Seed Oil, Glycerin, Cetearyl Alcohol, Parfum, Linalool',
    traits: { texture: 'lotion' },
  }),
  carried('toner', 'Oriel & Pike', 'Plain Basin', 'Cool Rinse', {
    inci: 'Aqua, Hamamelis Virginiana Water, Glycerin, Panthenol, Sodium Benzoate',
    traits: { claims: ['fragrance-free'] },
  }),
  carried('toner', 'Sable Quarter', 'Sharp Air', 'Sharp Air', {
    inci: 'Aqua, Alcohol Denat., Mentha Piperita Oil, Limonene',
    level: 0.9,
    notes: 'Bought in haste.',
  }),
  carried('mask', 'Lumen Row', 'Overnight Express', 'Eye patches', {
    inci: 'Aqua, Glycerin, Chondrus Crispus Powder, Caffeine, Phenoxyethanol',
    sizeMl: 60,
    traits: { texture: 'other' },
    price: 2400,
  }),
  carried('moisturiser', 'Marrowmere', 'Light Tide', 'Light Tide gel', {
    finish: 'matte',
    inci: 'Aqua, Glycerin, Niacinamide, Sodium Hyaluronate, Carbomer, Sodium Hydroxide',
    traits: { texture: 'gel', claims: ['oil-free', 'fragrance-free'] },
    price: 2100,
  }),
  carried('moisturiser', 'Marrowmere', 'Harbour Cream', 'Harbour Cream', {
    finish: 'dewy',
    inci: 'Aqua, Squalane, Glycerin, Cetearyl Alcohol, Glyceryl Stearate, Sodium Hyaluronate, Phenoxyethanol',
    traits: { texture: 'cream', claims: ['fragrance-free'] },
    price: 2600,
  }),
  carried('moisturiser', 'Fenwick Tarn', 'Deep Keep', 'Deep Keep balm', {
    finish: 'dewy',
    inci: 'Butyrospermum Parkii Butter, Lanolin, Cera Alba, Prunus Amygdalus Dulcis Oil, Parfum',
    traits: { texture: 'balm', dispenser: 'pot' },
    price: 3400,
  }),
  carried('moisturiser', 'Oriel & Pike', 'Still Room', 'Still Room fluid', {
    inci: 'Aqua, Glycerin, Panthenol, Allantoin, Xanthan Gum',
    traits: { texture: 'fluid', claims: ['fragrance-free', 'vegan'] },
    price: 1900,
    notes: 'For anyone who reacts.',
  }),
  carried('eye care', 'Lumen Row', 'First Light', 'First Light gel', {
    inci: 'Aqua, Glycerin, Caffeine, Panthenol, Carbomer',
    traits: { texture: 'gel' },
  }),
  carried('eye care', 'Fenwick Tarn', 'Deep Keep', 'Deep Keep eye', {
    inci: 'Butyrospermum Parkii Butter, Squalane, Cera Alba, Tocopherol',
    traits: { texture: 'balm', dispenser: 'pot' },
  }),
  carried('lip care', 'Sable Quarter', 'Cove', 'Cove Balm', {
    inci: 'Petrolatum, Lanolin, Cera Alba, Ricinus Communis Seed Oil, Aroma',
    price: 700,
    traits: { seenByClients: true },
  }),
  carried('lip care', 'Oriel & Pike', 'Plain Basin', 'Plain lip fluid', {
    inci: 'Aqua, Glycerin, Panthenol, Hydroxyethylcellulose',
    traits: { texture: 'gel', dispenser: 'tube' },
    price: 900,
  }),
  carried('lip care', 'Lumen Row', 'Sugar Quay', 'Sugar Quay scrub', {
    inci: 'Sucrose, Cocos Nucifera Oil, Helianthus Annuus Seed Oil, Aroma',
    traits: { texture: 'other' },
    price: 1100,
  }),
  carried('sun protection', 'Brightwater Pro', 'Breakwater', 'Breakwater SPF 30', {
    inci: 'SPF 30. Aqua, Zinc Oxide [nano], Titanium Dioxide, C12-15 Alkyl Benzoate, Glycerin',
    traits: { spf: 30, filter: 'mineral' },
    price: 2200,
  }),
  carried('sun protection', 'Brightwater Pro', 'Breakwater', 'Breakwater Clear SPF 30', {
    inci: 'SPF 30. Aqua, Bis-Ethylhexyloxyphenol Methoxyphenyl Triazine, Ethylhexyl Triazone, Glycerin, Silica',
    traits: { spf: 30, filter: 'organic', texture: 'fluid' },
    price: 2500,
  }),
  carried('primer', 'Lumen Row', 'Slip', 'Slip Smooth', {
    finish: 'satin',
    inci: 'Dimethicone, Dimethicone Crosspolymer, Silica, Tocopheryl Acetate',
    price: 2900,
    level: 0.95,
    notes: 'Bought to go under Still Water.',
  }),
  carried('primer', 'Tansyhall', 'Quiet Water', 'Quiet Water', {
    finish: 'natural',
    inci: 'Aqua, Glycerin, Sodium Hyaluronate, Xanthan Gum, Panthenol',
    traits: { texture: 'fluid', claims: ['silicone-free', 'oil-free', 'fragrance-free'] },
    price: 2300,
  }),
  carried('primer', 'Brightwater Pro', 'Hold Fast', 'Hold Fast matte', {
    finish: 'matte',
    inci: 'Aqua, Isododecane, Dimethicone, Silica, Nylon-12, Phenoxyethanol',
    price: 2700,
  }),
  carried('eye primer', 'Brightwater Pro', 'Hold Fast', 'Hold Fast lid', {
    inci: 'Cyclopentasiloxane, Isododecane, Trimethylsiloxysilicate, Silica, CI 77491',
    lab: { L: 70, a: 9, b: 17 },
    traits: { wearHours: 16, resists: ['water'] },
  }),
  carried('glow', 'Lumen Row', 'Lantern Oil', 'Lantern drops', {
    inci: 'Aqua, Glycerin, Mica, Propanediol, Tin Oxide, CI 77891',
    lab: { L: 84, a: 2, b: 9 },
  }),
  carried('medium', 'Tansyhall', 'Still Water', 'Still Water thinner', {
    inci: 'Aqua, Glycerin, Propanediol, Xanthan Gum',
  }),
  carried('medium', 'Marrowmere', 'Tideline Fluid', 'Tideline hold drops', {
    family: 'silicone',
    coverage: 'medium',
    finish: 'satin',
    inci: 'Isododecane, Trimethylsiloxysilicate, Dimethicone',
    traits: { wearHours: 22, resists: ['water', 'transfer'] },
    price: 2100,
    level: 0.7,
  }),
  carried('medium', 'Marrowmere', 'Tideline Fluid', 'Tideline glow drops', {
    family: 'silicone',
    finish: 'luminous',
    inci: 'Cyclopentasiloxane, Dimethicone, Mica, Tocopherol',
    traits: { sparkle: 'fine' },
    price: 1900,
    level: 0.5,
  }),
  carried('powder', 'Sable Quarter', 'Clear Day', 'Clear Day', {
    inci: 'Silica, Mica, Lauroyl Lysine',
    price: 2100,
    level: 0.8,
    notes: 'Called invisible.',
  }),
  carried('powder', 'Sable Quarter', 'Clear Day Tint', 'Fair Sand', {
    lab: { L: 74, a: 7, b: 15 },
    coverage: 'sheer',
    inci: 'Talc, Mica, Magnesium Stearate, CI 77491, CI 77492',
    price: 2200,
  }),
  carried('powder', 'Sable Quarter', 'Clear Day Tint', 'Warm Sand', {
    lab: { L: 59, a: 11, b: 20 },
    coverage: 'sheer',
    inci: 'Talc, Mica, Magnesium Stearate, CI 77491, CI 77492',
    price: 2200,
  }),
  carried('powder', 'Sable Quarter', 'Clear Day Tint', 'Deep Sand', {
    lab: { L: 41, a: 11, b: 15 },
    coverage: 'sheer',
    inci: 'Talc, Mica, Magnesium Stearate, CI 77491, CI 77499',
    price: 2200,
    traits: { texture: 'pressed powder' },
  }),
  carried('setting spray', 'Brightwater Pro', 'Fog Line', 'Fog Line', {
    finish: 'matte',
    inci: 'Aqua, Alcohol Denat., PVP, VP/VA Copolymer, Glycerin',
    traits: { wearHours: 12, resists: ['water', 'transfer'] },
    price: 2400,
    level: 0.4,
  }),
  carried('setting spray', 'Lumen Row', 'Dew Point', 'Dew Point', {
    finish: 'dewy',
    inci: 'Aqua, Glycerin, Propanediol, Panthenol',
    traits: { wearHours: 6, claims: ['fragrance-free'] },
    price: 2000,
  }),
  carried('foundation', 'Brightwater Pro', 'Day Shield', 'Day Shield Medium', {
    lab: { L: 58, a: 11, b: 19.5 },
    coverage: 'medium',
    finish: 'natural',
    inci: 'SPF 30. Aqua, Zinc Oxide [nano], Titanium Dioxide, Dimethicone, Propanediol, CI 77491',
    traits: { spf: 30, filter: 'mineral', wearHours: 8 },
    price: 2800,
    level: 0.85,
    notes: 'Planned for the vow renewal; photographs will tell.',
  }),
]
