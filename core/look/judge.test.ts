import type { PlaceKey } from '../asked/slots'
import { face, item, job } from '../../tests/support/suitability'
import type { Lab } from '../colour/lab'
import { typicalSkin, type Undertone } from '../complexion/skins/skin'
import { filmOf } from '../product/film'
import type { ItemKind, KitItem } from '../product/item'
import type { FaceFacts } from '../asked/face'
import { agreedLook } from './agreed'
import { aimAt } from './aim'
import { NOTHING_SAID, type LookBrief } from '../asked/brief'
import { hueWord } from './hueWord'
import { amountWord, judge } from './judge'
import { SHOWING } from '../asked/showing'

const pan = (kind: ItemKind, lab: Lab, more: Partial<KitItem> = {}) =>
  item(kind, { lab, coverage: 'light', family: 'powder', ...more })
const on = (depth: number, undertone: Undertone = 'neutral', more: Partial<FaceFacts> = {}) => {
  const skin = typicalSkin(depth, undertone)
  return face({ skin, bare: skin, ...more })
}
const brief = (said: Partial<LookBrief>): Partial<FaceFacts> => ({ brief: { ...NOTHING_SAID, ...said } })
const judged = (key: PlaceKey, it: KitItem, who: FaceFacts, day = job()) =>
  judge(aimAt(key, who, agreedLook(who, day))!, it.lab!, filmOf(it), SHOWING)
const best = (key: PlaceKey, pans: readonly KitItem[], who: FaceFacts, day = job()) =>
  pans.map(it => ({ it, worth: judged(key, it, who, day).worth })).sort((x, y) => y.worth - x.worth)[0]!.it.id

const ROSE = pan('blush', { L: 58, a: 30, b: 14 }, { id: 'rose' })
const BRICK = pan('blush', { L: 46, a: 30, b: 26 }, { id: 'brick' })
const PLUM = pan('blush', { L: 33, a: 32, b: 4 }, { id: 'plum' })

describe('a cheek colour is a flush', () => {
  it('each depth has its own', () => {
    expect(best('cheek', [ROSE, BRICK, PLUM], on(2))).toBe('rose')
    expect(best('cheek', [ROSE, BRICK, PLUM], on(11))).toBe('plum')
  })
  it('what lightens does not redden: pale on deep skin, and it is said', () => {
    const { worth, faults } = judged('cheek', ROSE, on(11))
    expect(worth).toBeLessThan(0)
    expect(faults[0]).toMatch(/lightens where it should redden|hardly reddens/)
  })
  it('a strong pan goes on as a veil', () => expect(judged('cheek', PLUM, on(3)).thickness).toBeLessThanOrEqual(0.25))
  it('is told in words', () =>
    expect(judged('cheek', BRICK, on(6)).sentence).toMatch(/^a (soft|clear) brick flush on this depth$/))
})

describe('contour, bronze and highlight', () => {
  const grey = pan('contour', { L: 33, a: 9, b: 10 })
  it('contour darkens without reddening', () => {
    expect(judged('contour', grey, on(6)).worth).toBeGreaterThan(1.5)
    expect(judged('contour', BRICK, on(4)).worth).toBeLessThan(judged('contour', grey, on(4)).worth)
    expect(judged('contour', grey, on(12)).faults).toContain('no deeper than this skin: it shades nothing')
  })
  it('bronze warms: on deep skin the usual pan is lighter than the skin', () => {
    const noon = pan('bronzer', { L: 55, a: 15, b: 26 })
    expect(judged('bronze', noon, on(4)).worth).toBeGreaterThan(2)
    expect(judged('bronze', noon, on(10)).faults.join()).toMatch(/lighter than this skin/)
  })
  it('a highlight lifts to no chalk', () => {
    const white = pan('highlighter', { L: 95, a: 0, b: 4 }, { coverage: 'full' })
    const copper = pan('highlighter', { L: 58, a: 18, b: 30 }, { coverage: 'sheer' })
    expect(judged('highlight', copper, on(10)).worth).toBeGreaterThan(judged('highlight', white, on(10)).worth)
  })
})

describe('lips', () => {
  const lips = (L: number, a: number, b: number, id: string) => pan('lip colour', { L, a, b }, { id, coverage: 'full' })
  const PALETTE = [
    lips(62, 18, 16, 'nude'),
    lips(30, 38, 14, 'wine'),
    lips(52, 36, 27, 'coral'),
    lips(40, 34, 24, 'brick'),
  ]
  it('what was agreed is what comes nearest to it on these lips', () => {
    expect(best('lip colour', PALETTE, on(3, 'golden', brief({ lip: 'coral' })))).toBe('coral')
    expect(best('lip colour', PALETTE, on(5, 'neutral', brief({ lip: 'warm red', lipStrength: 'full' })))).toBe('brick')
    expect(best('lip colour', PALETTE, on(10, 'neutral', brief({ lip: 'cool red', lipStrength: 'full' })))).toBe('wine')
  })
  it('a nude neither disappears nor turns orange on fair skin', () => {
    const fair = on(2, 'neutral', brief({ lip: 'nude' }))
    const [near, orange] = [lips(66, 15, 12, 'near'), lips(62, 24, 42, 'orange')]
    expect(best('lip colour', [near, orange], fair)).toBe('near')
    // A pencil cannot be laid on as a veil.
    expect(judged('lip liner', orange, fair).faults).toContain('turns orange on this skin')
    const same = lips(fair.skin.L, fair.skin.a, fair.skin.b, 'same')
    const aim = aimAt('lip liner', fair, agreedLook(fair, job()))!
    expect(judge(aim, fair.skin, filmOf(same), { ...SHOWING, vanishes: 6 }).faults).toContain(
      'disappears into the skin around it',
    )
  })
})

describe('lids, brows and lines', () => {
  it('a light lid vanishes on fair skin and shines on deep', () => {
    const oyster = pan('eye colour', { L: 82, a: 3, b: 9 }, { coverage: 'medium' })
    const shows = (depth: number) => judged('eyes', oyster, on(depth, 'neutral', brief({ eyes: 'soft' }))).shown!.dL
    expect(shows(10)).toBeGreaterThan(shows(2))
  })
  it('a smoky lid is deeper than a soft one', () => {
    const soot = pan('eye colour', { L: 14, a: 1, b: 1 }, { id: 'soot', coverage: 'medium' })
    const fawn = pan('eye colour', { L: 56, a: 10, b: 17 }, { id: 'fawn', coverage: 'medium' })
    expect(best('eyes', [soot, fawn], on(3, 'neutral', brief({ eyes: 'smoky' })))).toBe('soot')
    expect(best('eyes', [soot, fawn], on(3, 'neutral', brief({ eyes: 'soft' })))).toBe('fawn')
  })
  it('a brow goes with what was said of brows and hair, and says so', () => {
    const [ash, rust] = [
      pan('brow', { L: 45, a: 4, b: 9 }, { id: 'ash' }),
      pan('brow', { L: 37, a: 13, b: 17 }, { id: 'rust' }),
    ]
    expect(best('brows', [ash, rust], on(3, 'rosy', { hairColour: 'copper' }))).toBe('rust')
    expect(best('brows', [ash, rust], on(3, 'rosy', { hairColour: 'silver' }))).toBe('ash')
    expect(judged('brows', rust, on(3, 'rosy', { hairColour: 'Copper red' })).sentence).toBe(
      'brown, for brows that go with copper red hair',
    )
    expect(judged('brows', rust, on(3)).sentence).toMatch(/by depth, since neither hair nor brows are noted/)
  })
  it('brown where brown was wanted', () => {
    const [black, brown] = [pan('liner', { L: 9, a: 0, b: 0 }), pan('liner', { L: 25, a: 10, b: 12 })]
    const who = on(3, 'neutral', brief({ liner: 'brown' }))
    expect(judged('liner', brown, who).worth).toBeGreaterThan(judged('liner', black, who).worth)
    expect(judged('liner', black, who).faults).toEqual(['black where brown was wanted'])
  })
})

describe('what stands on the chart', () => {
  it('is made by what looks nearest worn on this skin', () => {
    const chart = [{ area: 'cheek' as const, lab: { L: 46, a: 30, b: 26 }, itemId: null, name: 'brick' }]
    expect(best('cheek', [ROSE, BRICK, PLUM], on(5, 'neutral', { chart }))).toBe('brick')
  })
})

it('words for colours and amounts are an artist’s', () => {
  expect(
    [
      { L: 8, a: 0, b: 0 },
      { L: 33, a: 32, b: 4 },
      { L: 46, a: 30, b: 26 },
      { L: 62, a: 8, b: 34 },
      { L: 50, a: -20, b: -34 },
      { L: 56, a: 10, b: 17 },
      { L: 96, a: 0, b: 2 },
    ].map(hueWord),
  ).toEqual(['black', 'plum', 'brick', 'gold', 'blue', 'taupe', 'white'])
  expect([0.12, 0.25, 0.5, 1, 2].map(amountWord)).toEqual([
    'the least on the brush',
    'a veil',
    'a light hand',
    'a normal layer',
    'built up',
  ])
})
