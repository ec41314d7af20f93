import { USUAL_GEAR, usualMeasure } from '#core/stock/things/gear'
import type { BrushShape, SupplyKind, ToolKind } from '#core/stock/things/kinds'
import type { GearInput } from '#shared/records/kit/gear'

/*
 * Tools and supplies of the story. Deliberate flaws: too few brushes of the shapes a championship needs, alcohol of 95 %, a case that is
 * kilos too heavy since what stays at home is carried along.
 */

interface Said {
  count?: number
  size?: number
  level?: number
  percent?: number
  price?: number
  notes?: string
}
export interface DemoGear {
  placeId: string
  gear: GearInput
}

const thing = (placeId: string, kind: ToolKind | SupplyKind, shade: string, said: Said = {}): DemoGear => ({
  placeId,
  gear: {
    kind,
    brand: '',
    shade,
    shape: '',
    percent: said.percent ?? null,
    count: said.count ?? 1,
    sizeMl: said.size ?? USUAL_GEAR[kind].size,
    measure: usualMeasure(kind),
    level: said.level ?? 1,
    priceMinor: said.price ?? null,
    openedOn: null,
    notes: said.notes ?? '',
  },
})
const brush = (shape: BrushShape, shade: string, count: number, price: number, placeId = 'pouch-brushes'): DemoGear => {
  const { gear } = thing(placeId, 'brush', shade, { count, price: price * count })
  return { placeId, gear: { ...gear, shape } }
}

const CLEAN = 'pouch-clean'
const TOOLS = 'pouch-brushes'
const EYES = 'pouch-eyes'
const CASE = 'kit-case'

export const DEMO_GEAR: readonly DemoGear[] = [
  brush('foundation brush', 'Dense base brush', 5, 1900),
  brush('concealer brush', 'Pointed concealer brush', 5, 1100),
  brush('powder brush', 'Round powder brush', 5, 1700),
  brush('large soft brush', 'Large soft brush', 4, 2100),
  brush('cheek brush', 'Slanted cheek brush', 5, 1600),
  brush('small soft brush', 'Small fan', 4, 900),
  brush('blending brush', 'Blending brush, goat', 6, 1200),
  brush('flat eye brush', 'Flat lid brush', 6, 900),
  brush('small flat brush', 'Smudger', 4, 800),
  brush('fine liner brush', 'Fine liner brush', 2, 700),
  brush('angled brush', 'Angled brow brush', 5, 800),
  brush('lip brush', 'Covered lip brush', 5, 900),
  brush('powder brush', 'Old kabuki', 1, 1500, 'home'),
  brush('blending brush', 'First blending brushes', 3, 400, 'home'),
  thing(TOOLS, 'brush roll', 'Canvas brush roll', { price: 2600 }),
  thing(TOOLS, 'sponge', 'Damp sponges', { count: 6, price: 2400 }),
  thing(TOOLS, 'puff', 'Velour puffs', { count: 6, price: 1200 }),
  thing(TOOLS, 'spoolie', 'Spoolies', { count: 8, price: 800 }),
  thing(TOOLS, 'mixing palette', 'Steel mixing palette', { count: 2, price: 1800 }),
  thing(TOOLS, 'spatula', 'Steel spatulas', { count: 3, price: 900 }),
  thing(TOOLS, 'sharpener', 'Two-hole sharpener', { price: 600 }),
  thing(TOOLS, 'clip', 'Creaseless clips', { count: 8, price: 500 }),
  thing(TOOLS, 'headband', 'Towelling headbands', { count: 2, price: 700 }),
  thing(TOOLS, 'comb', 'Tail comb', { price: 300 }),
  thing(TOOLS, 'comb', 'Beard comb', { price: 500 }),
  thing(EYES, 'tweezers', 'Slanted tweezers', { price: 1400 }),
  thing(EYES, 'scissors', 'Lash scissors', { price: 1100 }),
  thing(EYES, 'lash curler', 'Lash curler', { price: 1600 }),
  thing(EYES, 'lash applicator', 'Lash applicator', { price: 700 }),
  thing(CLEAN, 'mascara wands', 'Mascara wands', { level: 0.8, price: 600 }),
  thing('home', 'mascara wands', 'Mascara wands', { price: 600 }),
  thing(CLEAN, 'lip applicators', 'Doe-foot applicators', { level: 0.6, price: 600 }),
  thing(CLEAN, 'disposable spatulas', 'Wooden spatulas', { level: 0.5, price: 500 }),
  thing(CLEAN, 'cotton rounds', 'Cotton rounds', { level: 0.15, price: 250 }),
  thing('home', 'cotton rounds', 'Cotton rounds', { price: 250 }),
  thing(CLEAN, 'cotton buds', 'Pointed buds', { level: 0.7, price: 300 }),
  thing(CLEAN, 'tissues', 'Tissues', { level: 0.9, price: 200 }),
  thing(CLEAN, 'wet wipes', 'Wipes without scent', { level: 0.4, price: 350 }),
  thing('hip-bag', 'blotting sheets', 'Blotting sheets', { level: 0.5, price: 450 }),
  thing(CLEAN, 'disposable blades', 'Single-use blades', { level: 0.8, price: 700 }),
  thing(CLEAN, 'gloves', 'Nitrile gloves', { level: 0.6, price: 400 }),
  thing(CLEAN, 'alcohol', 'Strong alcohol spray', {
    size: 500,
    level: 0.8,
    percent: 95,
    price: 1100,
    notes: 'The shop had no other.',
  }),
  thing(CLEAN, 'hand gel', 'Hand gel', { level: 0.7, price: 350 }),
  thing(CLEAN, 'brush cleanser', 'Quick brush cleanser', { level: 0.6, price: 1500 }),
  thing('home', 'soap', 'Brush soap', { level: 0.5, price: 800 }),
  thing(CLEAN, 'surface wipes', 'Disinfecting wipes', { level: 0.5, price: 600 }),
  thing(CLEAN, 'rubbish bags', 'Small rubbish bags', { level: 0.9, price: 300 }),
  thing(CASE, 'mat', 'Wipeable mat', { price: 2200 }),
  thing(CASE, 'towel', 'Dark towels', { count: 3, price: 2400 }),
  thing(CASE, 'capes', 'Washable cape', { count: 2, price: 3200 }),
  thing(CASE, 'mirror', 'Hand mirror', { price: 1900 }),
  thing(CASE, 'light', 'Clip light', { price: 5900 }),
  thing(CASE, 'power', 'Extension lead, five metres', { price: 1800 }),
  thing(CASE, 'compressor', 'Small compressor', { price: 14000, notes: 'Last run at the regatta.' }),
  thing(CASE, 'spray gun', 'Spray gun', { price: 9900, notes: 'Clogs.' }),
  thing(CASE, 'stand', 'Light stand', { price: 4900 }),
  thing('reserve', 'palette case', 'Empty magnetic case', { count: 2, price: 2400 }),
  thing('reserve', 'jars', 'Empty jars', { level: 0.7, price: 600 }),
  thing('reserve', 'bottle', 'Empty dropper bottles', { count: 4, price: 800 }),
  thing('home', 'scale', 'Pocket scale', { price: 1500 }),
  thing('home', 'labels', 'Label sheets', { level: 0.8, price: 700 }),
  thing('lent-out', 'light', 'Ring light', { price: 8900, notes: 'Since the harbour fair.' }),
  thing(CLEAN, 'tape', 'Double-sided tape', { level: 0.6, price: 400 }),
  thing(CLEAN, 'pins', 'Safety pins', { level: 0.9, price: 150 }),
  thing(CLEAN, 'sanitary towels', 'Sanitary towels', { price: 250 }),
  thing(CLEAN, 'first-aid box', 'First-aid box', { price: 1400 }),
  thing(CLEAN, 'mints', 'Mints', { level: 0.5, price: 180 }),
  thing(CASE, 'business cards', 'Cards', { level: 0.6, price: 2000 }),
  thing(CASE, 'paperwork', 'Consent sheets and receipts', { price: 600 }),
]
