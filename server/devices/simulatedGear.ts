import { USUAL_GEAR, usualMeasure } from '#core/stock/things/gear'
import type { BrushShape, SupplyKind, ToolKind } from '#core/stock/things/kinds'
import type { GearOffer } from '#shared/records/kit/buys'
import { offerId } from './catalogueOffer'

/* Brushes, tools and supplies from the simulated suppliers: one of whatever a kit may be found to lack. */

interface Said {
  size?: number
  percent?: number
  shape?: BrushShape
}

const sold =
  (supplierId: string, brand: string) =>
  (kind: ToolKind | SupplyKind, name: string, priceMinor: number, { size, percent, shape }: Said = {}): GearOffer => ({
    id: offerId(brand, name),
    productId: offerId(brand, name),
    supplierId,
    kind,
    brand,
    shade: name,
    shape: shape ?? '',
    porous: null,
    percent: percent ?? null,
    sizeMl: size ?? USUAL_GEAR[kind].size,
    measure: usualMeasure(kind),
    priceMinor,
    inStock: true,
  })

const bench = sold('northlight-supply', 'Brightwater Pro')
const stores = sold('ropewalk-stores', 'Tansyhall')
const post = sold('gangway-post', 'Fenwick Tarn')
const brush = (shape: BrushShape, name: string, priceMinor: number) => bench('brush', name, priceMinor, { shape })

export const SIMULATED_GEAR: readonly GearOffer[] = [
  brush('foundation brush', 'Base brush, dense', 1900),
  brush('concealer brush', 'Concealer brush, pointed', 1100),
  brush('powder brush', 'Powder brush, round', 1700),
  brush('large soft brush', 'Soft brush, large', 2100),
  brush('cheek brush', 'Cheek brush, slanted', 1600),
  brush('small soft brush', 'Soft brush, small', 900),
  brush('blending brush', 'Blending brush', 1200),
  brush('flat eye brush', 'Lid brush, flat', 900),
  brush('small flat brush', 'Smudge brush', 800),
  brush('fine liner brush', 'Liner brush, fine', 700),
  brush('angled brush', 'Brow and liner brush, angled', 800),
  brush('lip brush', 'Lip brush with cap', 900),
  bench('sponge', 'Sponge, washable', 600),
  bench('puff', 'Powder puff, velour', 500),
  bench('spoolie', 'Spoolie, washable', 300),
  bench('tweezers', 'Tweezers, slanted', 1400),
  bench('scissors', 'Small scissors', 1200),
  bench('lash curler', 'Lash curler', 1600),
  bench('lash applicator', 'Lash tweezers', 900),
  bench('sharpener', 'Two-size sharpener', 500),
  bench('mixing palette', 'Steel palette', 1500),
  bench('spatula', 'Steel spatula', 500),
  bench('palette case', 'Empty palette', 1300),
  bench('brush roll', 'Brush roll', 2400),
  bench('mirror', 'Hand mirror', 1800),
  bench('light', 'Folding light', 6900),
  bench('power', 'Extension lead', 1500),
  bench('stand', 'Light stand', 3200),
  bench('case', 'Wheeled case', 12900),
  bench('pouch', 'Clear pouch', 1100),
  bench('belt', 'Brush belt', 2900),
  bench('fan', 'Hand fan', 1400),
  bench('chair', 'Folding chair', 8900),
  stores('clip', 'Section clips', 500),
  stores('headband', 'Headbands', 600),
  stores('comb', 'Tail comb', 400),
  stores('towel', 'Dark towels', 1800),
  stores('mat', 'Wipeable mat', 1200),
  stores('bottle', 'Pump bottle, empty', 300),
  stores('razor', 'Brow razor', 400),
  stores('sewing kit', 'Sewing kit', 600),
  stores('capes', 'Make-up cape', 1900),
  stores('mascara wands', 'Mascara wands', 700),
  stores('lip applicators', 'Lip applicators', 600),
  stores('cotton rounds', 'Cotton rounds', 300),
  stores('cotton buds', 'Pointed cotton buds', 300),
  stores('cotton wool', 'Cotton wool', 250),
  stores('tissues', 'Tissues', 250),
  stores('wet wipes', 'Wipes without scent', 350),
  stores('blotting sheets', 'Blotting sheets', 450),
  stores('disposable spatulas', 'Wooden spatulas', 400),
  stores('disposable sponges', 'Wedge sponges', 600),
  stores('disposable blades', 'Single-use blades', 500),
  stores('gloves', 'Nitrile gloves', 900),
  stores('face masks', 'Face masks', 600),
  post('alcohol', 'Alcohol 70 %', 800, { percent: 70, size: 250 }),
  post('hand gel', 'Hand gel', 500),
  post('brush cleanser', 'Brush cleanser', 1500),
  post('surface wipes', 'Surface wipes', 700),
  post('soap', 'Brush soap', 800),
  post('rubbish bags', 'Rubbish bags', 300),
  post('kitchen roll', 'Kitchen roll', 250),
  post('tape', 'Skin tape', 500),
  post('pins', 'Safety pins', 200),
  post('plasters', 'Plasters', 400),
  post('first-aid box', 'First-aid box', 1900),
  post('mints', 'Mints', 250),
  post('straws', 'Paper straws', 300),
  post('lint roller', 'Lint roller', 400),
  post('labels', 'Labels', 600),
  post('jars', 'Small jars', 700),
  post('water', 'Water', 150),
  post('sanitary towels', 'Sanitary towels', 400),
  post('hair grips', 'Hair grips', 300),
  post('hair ties', 'Hair ties', 300),
  post('hair spray', 'Hair spray', 900),
  post('business cards', 'Cards, printed', 2500),
]
