import { carried, type Carried } from './carried'

/*
 * Correctors and colour. Deliberate flaws: an expired mascara, an unused vivid palette.
 */
const CREAM =
  'Caprylic/Capric Triglyceride, Cera Microcristallina, Kaolin, Tocopherol. May contain: CI 77891, CI 77491, CI 77492'
const PRESSED = 'Talc, Mica, Zinc Stearate, Dimethicone, Caprylyl Glycol. May contain: CI 77491, CI 77492, CI 77499'
const CARMINE = 'Mica, Talc, Octyldodecyl Stearoyl Stearate, Carmine, CI 77891'
const STICK =
  'Octyldodecanol, Candelilla Cera, Diisostearyl Malate, Tocopherol. May contain: CI 15850, CI 77891, CI 77491'
const POMADE = 'Isododecane, Cera Microcristallina, Kaolin, CI 77499, CI 77491'

export const DEMO_COLOUR: readonly Carried[] = [
  carried('corrector', 'Oriel & Pike', 'Cancel', 'Shell Peach', {
    lab: { L: 76, a: 16, b: 24 },
    inci: CREAM,
    price: 1500,
  }),
  carried('corrector', 'Oriel & Pike', 'Cancel', 'Apricot', { lab: { L: 66, a: 24, b: 34 }, inci: CREAM, price: 1500 }),
  carried('corrector', 'Oriel & Pike', 'Cancel', 'Marigold', {
    lab: { L: 54, a: 32, b: 42 },
    inci: CREAM,
    price: 1500,
  }),
  carried('corrector', 'Oriel & Pike', 'Cancel', 'Leaf', { lab: { L: 72, a: -14, b: 14 }, inci: CREAM, price: 1500 }),
  carried('contour', 'Fenwick Tarn', 'Slate', 'Drift', { lab: { L: 52, a: 8, b: 14 }, inci: PRESSED }),
  carried('contour', 'Fenwick Tarn', 'Slate', 'Bramble', { lab: { L: 33, a: 9, b: 10 }, inci: PRESSED }),
  carried('bronzer', 'Fenwick Tarn', 'Sandglass', 'Noon', { lab: { L: 55, a: 15, b: 26 }, inci: PRESSED }),
  carried('blush', 'Lumen Row', 'Flush', 'Rosehip', { lab: { L: 58, a: 30, b: 14 }, inci: CARMINE, price: 1600 }),
  carried('blush', 'Lumen Row', 'Flush', 'Brick Dust', { lab: { L: 46, a: 30, b: 26 }, inci: PRESSED, price: 1600 }),
  carried('blush', 'Lumen Row', 'Flush', 'Damson', { lab: { L: 33, a: 32, b: 4 }, inci: PRESSED, price: 1600 }),
  carried('blush', 'Lumen Row', 'Flush', 'Quince', { lab: { L: 64, a: 24, b: 29 }, inci: PRESSED, price: 1600 }),
  carried('blush', 'Lumen Row', 'Flush', 'Sloe', { lab: { L: 40, a: 36, b: 11 }, inci: PRESSED, price: 1600 }),
  carried('blush', 'Sable Quarter', 'Cheek Stain', 'Peony cream', {
    lab: { L: 60, a: 32, b: 16 },
    inci: STICK,
    finish: 'dewy',
    traits: { texture: 'cream', dispenser: 'pot', alsoFor: ['lip colour'], safeFor: ['face', 'lips'] },
  }),
  carried('highlighter', 'Lumen Row', 'Beacon', 'Low Beam', { lab: { L: 80, a: 5, b: 16 }, inci: CARMINE }),
  carried('highlighter', 'Lumen Row', 'Beacon', 'Copper Beam', {
    lab: { L: 58, a: 18, b: 30 },
    inci: PRESSED,
    traits: { alsoFor: ['eye colour'], safeFor: ['face', 'eyes'] },
  }),
  carried('highlighter', 'Sable Quarter', 'Spangle', 'Spangle', {
    lab: { L: 86, a: 0, b: 6 },
    inci: PRESSED,
    traits: { sparkle: 'coarse' },
    level: 0.95,
  }),
  carried('brow', 'Tansyhall', 'Thatch', 'Ash Thatch', { lab: { L: 45, a: 4, b: 9 }, inci: PRESSED }),
  carried('brow', 'Tansyhall', 'Thatch', 'Dark Thatch', {
    lab: { L: 24, a: 4, b: 5 },
    inci: PRESSED,
    traits: { alsoFor: ['eye colour'] },
  }),
  carried('brow', 'Tansyhall', 'Thatch', 'Barley Thatch', { lab: { L: 54, a: 6, b: 19 }, inci: PRESSED }),
  carried('brow', 'Tansyhall', 'Thatch', 'Rust Thatch', { lab: { L: 37, a: 13, b: 17 }, inci: PRESSED }),
  carried('brow', 'Tansyhall', 'Thatch Set', 'Clear brow gel', {
    inci: 'Aqua, PVP, Glycerin, Panthenol',
    traits: { texture: 'gel', dispenser: 'wand' },
  }),
  ...(
    [
      ['Oyster', 82, 3, 9, 'satin'],
      ['Biscuit', 70, 7, 15, 'matte'],
      ['Fawn', 56, 10, 17, 'matte'],
      ['Peat', 36, 9, 12, 'matte'],
      ['Slate', 34, 0, -4, 'matte'],
      ['Soot', 14, 1, 1, 'matte'],
      ['Rosewood', 45, 18, 10, 'satin'],
      ['Old Gold', 62, 8, 34, 'luminous'],
      ['Moss Bank', 46, -6, 20, 'satin'],
    ] as const
  ).map(([name, L, a, b, finish]) =>
    carried('eye colour', 'Fenwick Tarn', 'Field Palette', name, {
      lab: { L, a, b },
      finish,
      inci: PRESSED,
      traits: { sparkle: finish === 'luminous' ? 'fine' : 'none' },
      price: 900,
    }),
  ),
  ...(
    [
      ['Kingfisher', 50, -20, -34],
      ['Signal Red', 48, 60, 40],
      ['Acid Lime', 84, -30, 70],
    ] as const
  ).map(([name, L, a, b]) =>
    carried('eye colour', 'Sable Quarter', 'Carnival', name, {
      lab: { L, a, b },
      inci: CARMINE,
      level: 1,
      openedDaysAgo: 400,
      price: 1200,
      notes: 'Never asked for.',
    }),
  ),
  carried('liner', 'Brightwater Pro', 'Rope Line', 'Rope Line black', {
    lab: { L: 9, a: 0, b: 0 },
    inci: POMADE,
    traits: { resists: ['water', 'tears'], wearHours: 16 },
  }),
  carried('liner', 'Brightwater Pro', 'Rope Line', 'Rope Line brown', {
    lab: { L: 25, a: 10, b: 12 },
    inci: POMADE,
    traits: { resists: ['water', 'tears'], wearHours: 16 },
  }),
  carried('mascara', 'Brightwater Pro', 'Breaker', 'Breaker waterproof', {
    lab: { L: 8, a: 0, b: 0 },
    inci: 'Isododecane, Cera Microcristallina, Copernicia Cerifera Wax, CI 77499',
    traits: { resists: ['water', 'tears'], wearHours: 16 },
    openedDaysAgo: 30,
  }),
  carried('mascara', 'Oriel & Pike', 'Reed', 'Reed brown', {
    lab: { L: 22, a: 8, b: 10 },
    inci: 'Aqua, Cera Alba, Stearic Acid, Acacia Senegal Gum, CI 77491, CI 77499',
    openedDaysAgo: 40,
  }),
  carried('mascara', 'Oriel & Pike', 'Reed', 'Reed black', {
    lab: { L: 8, a: 0, b: 0 },
    inci: 'Aqua, Cera Alba, Stearic Acid, Acacia Senegal Gum, CI 77499',
    openedDaysAgo: 210,
    notes: 'Opened in spring.',
  }),
  carried('lashes', 'Lumen Row', 'Feather', 'Wren, sparse', { coverage: 'sheer', sizeMl: 10, level: 0.6 }),
  carried('lashes', 'Lumen Row', 'Feather', 'Heron, full', { coverage: 'full', sizeMl: 10, level: 0.8 }),
  carried('lash glue', 'Lumen Row', 'Feather', 'Feather glue', {
    inci: 'Aqua, Rubber Latex, Cellulose Gum',
    openedDaysAgo: 20,
  }),
  carried('lip liner', 'Tansyhall', 'Edge', 'Bare Edge', { lab: { L: 50, a: 22, b: 18 }, inci: STICK }),
  carried('lip liner', 'Tansyhall', 'Edge', 'Wine Edge', { lab: { L: 27, a: 26, b: 8 }, inci: STICK }),
  ...(
    [
      ['Linen', 62, 18, 16],
      ['Heather', 50, 27, 7],
      ['Rowan', 52, 36, 27],
      ['Cob Nut', 35, 20, 17],
      ['Terracotta', 48, 30, 26],
      ['Claret', 30, 38, 14],
      ['Fig', 26, 20, 4],
    ] as const
  ).map(([name, L, a, b]) =>
    carried('lip colour', 'Tansyhall', 'Lip Press', name, {
      lab: { L, a, b },
      inci: STICK,
      finish: 'satin',
      traits: { alsoFor: ['blush'], safeFor: ['face', 'lips'], seenByClients: true },
      price: 1100,
    }),
  ),
  carried('lip colour', 'Brightwater Pro', 'Last Bell', 'Last Bell Brick', {
    lab: { L: 40, a: 34, b: 24 },
    finish: 'matte',
    inci: 'Isododecane, Trimethylsiloxysilicate, Disteardimonium Hectorite, CI 15850',
    traits: { wearHours: 14, resists: ['water', 'transfer'], texture: 'fluid', dispenser: 'wand' },
  }),
  carried('gloss', 'Sable Quarter', 'Wet Stone', 'Wet Stone', {
    inci: 'Polybutene, Octyldodecanol, Silica Dimethyl Silylate, Aroma',
  }),
  carried('body make-up', 'Brightwater Pro', 'Second Skin', 'Second Skin Warm', {
    lab: { L: 52, a: 13, b: 21 },
    inci: 'Aqua, Acrylates Copolymer, Glycerin, CI 77491, CI 77492',
    traits: { resists: ['water', 'transfer'], wearHours: 12 },
  }),
]
