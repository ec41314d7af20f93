import type { KitItem } from '../product/item'
import { isItemKind, type BrushShape, type OwnedKind } from '../stock/things/kinds'
import { typicalSkin } from '../complexion/skins/skin'
import { item } from '../../tests/support/suitability'
import { audit } from './audit'
import type { AuditScene, AuditThing } from './points'
import { SHIPPED_STANDARDS } from './shipped'

/* Kits that look right for an ability and are not, each beside one that is. */

interface Said extends Partial<Omit<AuditThing, 'kind' | 'items'>> {
  kind: OwnedKind
  is?: Partial<KitItem>
}
let next = 0
const thing = ({ kind, is = {}, ...more }: Said): AuditThing => {
  const id = `t${next++}`
  const items = isItemKind(kind) ? [item(kind, { id, ...is })] : []
  return { id, productId: id, kind, name: id, count: 1, massG: 50, shape: '', percent: null, ...more, items }
}
const ABILITIES = new Map(SHIPPED_STANDARDS.flatMap(s => s.abilities.map(a => [a.id, a] as const)))
const found = (id: string, things: readonly Said[]) => {
  const scene: AuditScene = {
    things: things.map(thing),
    rules: {},
    party: 1,
    declared: [],
    suits: () => true,
  }
  const standard = { id: 's', name: 's', meant: '', abilities: [ABILITIES.get(id)!] }
  return audit(standard, scene).abilities[0]!
}
const stateOf = (id: string, things: readonly Said[]) => found(id, things).state
const brush = (shape: BrushShape, count = 1): Said => ({ kind: 'brush', shape, count })
const SHAPES = ABILITIES.get('brush-sets')!.shapes!
const of = (kind: OwnedKind, is: Partial<KitItem> = {}, count = 1): Said => ({ kind, is, count })
const skinColour = (depth: number) => ({ lab: typicalSkin(depth, 'neutral') })
const BLUE = { L: 40, a: 5, b: -55 }
const RED = { L: 45, a: 62, b: 30 }
const YELLOW = { L: 82, a: 4, b: 80 }
const BROWN = { L: 36, a: 12, b: 17 }

// prettier-ignore
const CASES: readonly [ability: string, why: string, looksRight: Said[], isRight: Said[]][] = [
  ['disinfect', 'alcohol too strong', [{ kind: 'alcohol', percent: 99 }], [{ kind: 'alcohol', percent: 70 }]],
  ['disinfect', 'alcohol too weak', [{ kind: 'alcohol', percent: 40 }], [{ kind: 'alcohol', percent: 75 }]],
  ['disinfect', 'alcohol that does not say how strong', [{ kind: 'alcohol' }], [{ kind: 'alcohol', percent: 80 }]],
  ['hands', 'soap wants a tap', [of('soap')], [of('hand gel')]],
  ['hands', 'wipes take off dirt and no germs', [of('wet wipes', {}, 80)], [of('hand gel')]],
  ['wands', 'one wand for a face', [of('mascara wands', {}, 1)], [of('mascara wands', {}, 2)]],
  ['lips', 'spatulas scrape and do not paint', [of('disposable spatulas', {}, 50)], [of('lip applicators', {}, 50)]],
  ['lips', 'one applicator', [of('lip applicators', {}, 1)], [of('lip applicators', {}, 2)]],
  ['sponges', 'a puff is no sponge', [of('puff', {}, 4)], [of('sponge')]],
  ['off-a-pot', 'a spoolie is no spatula', [of('spoolie', {}, 9)], [of('spatula')]],
  ['mixing', 'a palette case holds pans', [of('palette case')], [of('mixing palette')]],
  ['bin', 'tissues are no bag', [of('tissues')], [of('rubbish bags')]],
  ['brush-wash', 'soap wants a tap and a night to dry', [of('soap')], [of('brush cleanser')]],
  ['second-remover', 'one bottle', [of('remover')], [of('remover'), of('cleanser')]],
  ['second-remover', 'a toner takes nothing off', [of('remover'), of('toner')], [of('remover'), of('remover')]],
  ['second-liner', 'one pen', [of('liner')], [of('liner'), of('liner')]],
  ['second-liner', 'a lip liner', [of('liner'), of('lip liner')], [of('liner'), of('liner')]],
  ['second-mascara', 'one tube and false lashes', [of('mascara'), of('lashes')], [of('mascara'), of('mascara')]],
  ['second-powder', 'a primer sets nothing', [of('powder'), of('primer')], [of('powder'), of('setting spray')]],
  ['hem', 'tape for lids holds no hem', [of('tape')], [of('pins')]],
  ['bleeds', 'cotton soaks and does not close', [of('cotton rounds')], [of('plasters')]],
  ['dry-mouth', 'straws without a drink', [of('straws', {}, 20)], [of('mints')]],
  ['faints', 'water alone for who did not eat', [of('water')], [of('water'), of('snacks')]],
  ['faints', 'snacks alone', [of('snacks')], [of('snacks'), of('water')]],
  ['clothes', 'a lint roller comes afterwards', [of('lint roller')], [of('capes')]],
  ['dark', 'a stand without its light', [of('stand'), of('power')], [of('light')]],
  ['no-table', 'a chair', [of('chair')], [of('mat')]],
  ['tears', 'a mascara that runs', [of('mascara')], [of('mascara', { resists: ['water'] })]],
  ['tears', 'one that only tubing takes off', [of('mascara', { resists: ['transfer'] })], [of('mascara', { resists: ['water', 'transfer'] })]],
  ['contour', 'two bronzers and no light', [of('bronzer'), of('contour')], [of('contour'), of('highlighter')]],
  ['contour', 'two highlighters', [of('highlighter'), of('highlighter')], [of('bronzer'), of('highlighter')]],
  ['lashes', 'glue without lashes', [of('lash glue'), of('lash glue')], [of('lashes'), of('lash glue'), of('lash glue')]],
  ['lashes', 'lashes and one tube', [of('lashes'), of('lash glue')], [of('lashes'), of('lash glue', {}, 2)]],
  ['transfer', 'a gloss over it', [of('lip colour'), of('gloss')], [of('lip colour', { resists: ['transfer'] })]],
  ['shine', 'two sheets for a day', [of('blotting sheets', {}, 2)], [of('blotting sheets', {}, 3)]],
  ['gun', 'a gun without air', [of('spray gun')], [of('spray gun'), of('compressor')]],
  ['gun', 'air without a gun', [of('compressor')], [of('compressor'), of('spray gun')]],
  ['beard', 'a comb that cuts nothing', [of('comb')], [of('comb'), of('trimmer')]],
  ['trim', 'two tweezers', [of('tweezers'), of('tweezers')], [of('tweezers'), of('scissors')]],
  ['shave', 'a razor is used again', [of('razor')], [of('disposable blades')]],
  ['vivid', 'three browns', [of('eye colour', { lab: BROWN }), of('eye colour', { lab: BROWN }), of('eye colour', { lab: BROWN })],
    [of('eye colour', { lab: BLUE }), of('eye colour', { lab: RED }), of('eye colour', { lab: YELLOW })]],
  ['vivid', 'colours nobody told', [of('eye colour'), of('eye colour'), of('eye colour')],
    [of('eye colour', { lab: BLUE }), of('eye colour', { lab: RED }), of('eye colour', { lab: YELLOW })]],
  ['body', 'one tube for every arm', [of('body make-up', skinColour(5))], [2, 5, 8, 11].map(d => of('body make-up', skinColour(d)))],
  ['brush-sets', 'nine brushes of one shape', [brush('blending brush', 9)], SHAPES.map(s => brush(s))],
  ['brush-sets', 'a set with one shape short', SHAPES.slice(1).map(s => brush(s)), SHAPES.map(s => brush(s))],
]

it.each(CASES)('%s: %s', (ability, _why, looksRight, isRight) => {
  expect(stateOf(ability, looksRight)).toBe('missing')
  expect(stateOf(ability, isRight)).not.toBe('missing')
})

it('adjusters alone match every skin in a pot, and are no base', () => {
  const adjusters = [{ L: 93, a: 0, b: 3 }, YELLOW, { L: 42, a: 37, b: 26 }, { L: 38, a: -4, b: -33 }].map(lab =>
    of('adjuster', { lab, family: 'silicone' }),
  )
  expect(found('base', adjusters).served).toBe(0)
  const [white, ...rest] = adjusters
  expect(
    found('base', [white!, of('foundation', { lab: typicalSkin(5, 'neutral'), family: 'silicone' }), ...rest]).served,
  ).toBeGreaterThan(0)
})
