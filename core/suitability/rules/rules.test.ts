import { face, item, job, settings, withList } from '../../../tests/support/suitability'
import { typicalSkin } from '../../complexion/skin'
import type { FaceFacts, Zone, ZoneState } from '../face'
import type { Effect, Weighing } from '../finding'
import type { KitItem } from '../item'
import type { JobFacts } from '../job'
import type { PlanSettings } from '../settings'
import type { SlotId } from '../slots'
import { findingsOn, requirementsOf, RULES } from './index'

interface Case { item?: KitItem, slot?: SlotId, face?: Partial<FaceFacts>, job?: Partial<JobFacts>, settings?: Partial<PlanSettings>, skinType?: FaceFacts['skinType'] }

const weigh = (c: Case): Weighing => {
  const person = face(c.face)
  return { item: c.item ?? item('foundation'), slot: c.slot ?? 'foundation', face: person, skinType: c.skinType ?? person.skinType, job: job(c.job), settings: settings(c.settings) }
}
const states = (zone: Zone, ...list: ZoneState[]): Partial<FaceFacts> => ({ zones: { [zone]: { states: list } } })

const by = (n: number): Effect => ({ is: 'weight', by: n })
const HARM: Effect = { is: 'veto', of: 'harm' }
const TASTE: Effect = { is: 'veto', of: 'taste' }
const NOTE: Effect = { is: 'note' }

/** One finding: the case in which it appears with its sentence, and one, as near as can be, in which it does not. */
const CASES: readonly (readonly [rule: string, effect: Effect, sentence: RegExp, fires: Case, silent: Case])[] = [
  // skin type × finish
  ['skin-type-finish', by(2), /matte holds on an oily skin/, { item: item('foundation', { finish: 'matte' }), face: { skinType: 'oily' } }, { item: item('foundation', { finish: 'matte' }) }],
  ['skin-type-finish', by(1), /satin keeps an oily skin calm/, { item: item('foundation', { finish: 'satin' }), face: { skinType: 'oily' } }, { item: item('foundation', { finish: 'satin' }), face: { skinType: 'normal' } }],
  ['skin-type-finish', by(-2), /dewy slides on an oily skin/, { item: item('foundation', { finish: 'dewy' }), face: { skinType: 'oily' } }, { item: item('lip colour', { finish: 'dewy' }), slot: 'lip colour', face: { skinType: 'oily' } }],
  ['skin-type-finish', by(2), /dewy gives a dry skin its light back/, { item: item('foundation', { finish: 'dewy' }), face: { skinType: 'dry' } }, { item: item('foundation', { finish: 'dewy' }) }],
  ['skin-type-finish', by(-2), /matte catches on a dry skin/, { item: item('foundation', { finish: 'matte' }), face: { skinType: 'dry' } }, { item: item('foundation', { finish: 'matte' }), face: { skinType: 'combination' } }],
  ['skin-type-finish', by(0.5), /powder only where it shines/, { item: item('powder', { family: 'powder' }), slot: 'powder', face: { skinType: 'combination' } }, { item: item('powder', { family: 'powder' }), slot: 'powder', face: { skinType: 'dry' } }],
  // skin state × texture
  ['skin-state-texture', by(-1), /powder settles on dry flakes/, { item: item('powder', { family: 'powder' }), slot: 'powder', face: states('cheeks', 'flaky') }, { item: item('powder', { family: 'powder' }), slot: 'powder' }],
  ['skin-state-texture', by(-2), /matte shows every flake/, { item: item('foundation', { finish: 'matte' }), face: states('chin', 'dehydrated') }, { item: item('foundation', { finish: 'satin' }), face: states('chin', 'dehydrated') }],
  ['skin-state-texture', by(2), /silicone primer fills pores/, { item: item('primer', { family: 'silicone' }), slot: 'primer', face: states('nose', 'textured') }, { item: item('primer'), slot: 'primer', face: states('nose', 'textured') }],
  ['skin-state-texture', by(-2), /shimmer draws the pores/, { item: item('highlighter', { sparkle: 'fine' }), slot: 'highlight', face: states('cheeks', 'textured') }, { item: item('highlighter', { sparkle: 'fine' }), slot: 'highlight' }],
  ['skin-state-texture', by(-2), /scented, on a reactive skin/, { item: withList('moisturiser', 'Aqua, Parfum'), slot: 'moisturise', face: states('cheeks', 'reactive') }, { item: withList('moisturiser', 'Aqua, Glycerin'), slot: 'moisturise', face: states('cheeks', 'reactive') }],
  ['skin-state-texture', TASTE, /no scent was asked for/, { item: withList('moisturiser', 'Aqua, Parfum'), slot: 'moisturise', face: { noScent: true } }, { item: withList('moisturiser', 'Aqua, Parfum'), slot: 'moisturise' }],
  ['skin-state-texture', by(-2), /essential oils on a reactive skin/, { item: withList('moisturiser', 'Aqua, Mentha Piperita Oil'), slot: 'moisturise', face: { mildOnly: true } }, { item: withList('moisturiser', 'Aqua, Mentha Piperita Oil'), slot: 'moisturise' }],
  ['skin-state-texture', by(1), /a short list/, { item: withList('moisturiser', 'Aqua, Glycerin'), slot: 'moisturise', face: { mildOnly: true } }, { item: item('moisturiser', { ingredients: null }), slot: 'moisturise', face: { mildOnly: true } }],
  ['skin-state-texture', by(1), /oil-free on a blemish-prone/, { item: item('moisturiser', { claims: ['oil-free'] }), slot: 'moisturise', face: states('chin', 'blemish-prone') }, { item: item('moisturiser', { family: 'oil' }), slot: 'moisturise', face: states('chin', 'blemish-prone') }],
  // base × prep
  ['base-prep', by(-1), /oil-rich prep loosens/, { item: item('moisturiser', { family: 'oil' }), slot: 'moisturise', job: { hours: 10 } }, { item: item('moisturiser', { family: 'oil' }), slot: 'moisturise', job: { hours: 4 } }],
  // sensitivities
  ['sensitivities', HARM, /holds lanolin; lanolin was declared/, { item: withList('lip care', 'Petrolatum, Lanolin'), slot: 'lip care', face: { sensitivities: ['wool fat'] } }, { item: withList('lip care', 'Petrolatum, Lanolin'), slot: 'lip care', face: { sensitivities: ['latex'] } }],
  ['sensitivities', NOTE, /the list is missing: ask/, { item: item('lip care', { ingredients: null }), slot: 'lip care', face: { sensitivities: ['lanolin'] } }, { item: item('lip care', { ingredients: null }), slot: 'lip care' }],
  // flash photographs
  ['flash', TASTE, /mineral filter with SPF 30: pale in flash/, { item: item('foundation', { filter: 'mineral', spf: 30 }), job: { flash: true } }, { item: item('foundation', { filter: 'mineral', spf: 30 }) }],
  ['flash', by(-2), /SPF 15 may go pale/, { item: item('foundation', { filter: 'mineral', spf: 15 }), job: { flash: true } }, { item: item('foundation', { filter: 'organic', spf: 15 }), job: { flash: true } }],
  ['flash', by(-1), /SPF 20 may go pale/, { item: item('foundation', { filter: 'mineral', spf: 20 }), job: { flash: true }, face: { skin: typicalSkin(2, 'neutral') } }, { item: item('foundation', { filter: 'mineral', spf: 10 }), job: { flash: true }, face: { skin: typicalSkin(2, 'neutral') } }],
  ['flash', by(-2), /silica-rich loose powder flashes white/, { item: withList('powder', 'Silica, Talc', { texture: 'loose powder' }), slot: 'powder', job: { flash: true } }, { item: withList('powder', 'Silica, Talc', { texture: 'pressed powder' }), slot: 'powder', job: { flash: true } }],
  ['flash', by(-1), /heavy sparkle scatters/, { item: item('setting spray', { sparkle: 'coarse' }), slot: 'set', job: { flash: true } }, { item: item('setting spray', { sparkle: 'fine' }), slot: 'set', job: { flash: true } }],
  ['flash', by(1), /no sun filter/, { job: { flash: true } }, { item: item('foundation', { spf: null }), job: { flash: true } }],
  // high definition
  ['high-definition', by(-2), /coarse sparkle reads as specks/, { item: item('eye colour', { sparkle: 'coarse' }), slot: 'eyes', job: { highDefinition: true } }, { item: item('eye colour', { sparkle: 'coarse' }), slot: 'eyes' }],
  ['high-definition', by(-1), /thick film shows/, { item: item('foundation', { coverage: 'full', texture: 'cream' }), job: { highDefinition: true } }, { item: item('foundation', { coverage: 'light', texture: 'cream' }), job: { highDefinition: true } }],
  ['high-definition', by(1), /a fluid disappears/, { job: { highDefinition: true } }, {}],
  // flash test
  ['flash-test', by(1), /photographed well/, { item: item('foundation', { filter: 'mineral', spf: 30 }), job: { flash: true }, settings: { flashTests: [{ itemIds: ['foundation'], result: 'good' }] } }, { job: { flash: true } }],
  ['flash-test', by(-3), /photographed badly/, { job: { flash: true }, settings: { flashTests: [{ itemIds: ['foundation'], result: 'bad' }] } }, { settings: { flashTests: [{ itemIds: ['foundation'], result: 'bad' }] } }],
  ['flash-test', NOTE, /sun factor not known/, { item: item('foundation', { spf: null }), job: { flash: true } }, { item: item('foundation', { spf: null }) }],
  // pale cast
  ['pale-cast', by(-2), /turns (pale|grey) on this depth, by ΔE/, { item: item('powder', { family: 'powder' }), slot: 'powder', face: { skin: typicalSkin(11, 'neutral') } }, { item: item('powder', { family: 'powder' }), slot: 'powder', face: { skin: typicalSkin(2, 'neutral') } }],
  ['pale-cast', by(-2), /turns pale|turns grey/, { item: item('sun protection', { filter: 'mineral', spf: 30 }), slot: 'sun protection', face: { skin: typicalSkin(9, 'golden') } }, { item: item('sun protection', { lab: typicalSkin(9, 'golden'), coverage: 'sheer' }), slot: 'sun protection', face: { skin: typicalSkin(9, 'golden') } }],
  // heat, stage, humidity, long day
  ['endurance', by(-2), /lasts 6 h of a 12 h day/, { item: item('foundation', { wearHours: 6 }), job: { hours: 12 } }, { item: item('foundation', { wearHours: 6 }), job: { hours: 5 } }],
  ['endurance', by(1), /lasts the 12 h/, { item: item('foundation', { wearHours: 16 }), job: { hours: 12 } }, { item: item('foundation', { wearHours: null }), job: { hours: 12 } }],
  ['endurance', by(2), /does not rub off on a costume/, { item: item('foundation', { resists: ['transfer'] }), job: { heat: true, costumeChanges: true } }, { item: item('foundation', { resists: ['transfer'] }), job: { heat: true } }],
  ['endurance', by(-2), /oil on an oily skin in the heat/, { item: item('foundation', { family: 'oil' }), face: { skinType: 'oily' }, job: { heat: true } }, { item: item('foundation', { family: 'oil' }), face: { skinType: 'dry' }, job: { heat: true } }],
  // tears, water, kissing
  ['tears', by(2), /dries to a film/, { item: item('foundation', { resists: ['transfer'] }), job: { tears: true } }, { item: item('foundation', { resists: ['transfer'] }) }],
  ['tears', by(-1), /gloss comes off/, { item: item('gloss'), slot: 'lip top', job: { tears: true } }, { item: item('gloss'), slot: 'lip top' }],
  ['tears', by(2), /^waterproof$/, { item: item('mascara', { resists: ['water'] }), slot: 'mascara', job: { tears: true } }, { item: item('mascara'), slot: 'mascara', job: { tears: true } }],
  ['tears', by(-2), /not waterproof/, { item: item('liner'), slot: 'liner', job: { tears: true } }, { item: item('liner'), slot: 'liner' }],
  // wants to look bare-faced
  ['bare-faced', by(2), /sheer cover looks like skin/, { item: item('foundation', { coverage: 'sheer' }), face: { bareFaced: true } }, { item: item('foundation', { coverage: 'sheer' }) }],
  ['bare-faced', by(-2), /full cover is a mask/, { item: item('foundation', { coverage: 'full' }), face: { bareFaced: true } }, { item: item('foundation', { coverage: 'medium' }), face: { bareFaced: true } }],
  ['bare-faced', by(1), /sparse lashes/, { item: item('lashes', { coverage: 'sheer' }), slot: 'lashes', face: { bareFaced: true } }, { item: item('lashes', { coverage: 'full' }), slot: 'lashes', face: { bareFaced: true } }],
  ['bare-faced', by(1), /brown instead of black/, { item: item('mascara', { lab: { L: 25, a: 10, b: 12 } }), slot: 'mascara', face: { bareFaced: true } }, { item: item('mascara', { lab: { L: 8, a: 0, b: 0 } }), slot: 'mascara', face: { bareFaced: true } }],
  // mature
  ['mature', by(1), /thin film does not sit in lines/, { item: item('foundation', { coverage: 'light' }), face: { ageBand: 'mature' } }, { item: item('foundation', { coverage: 'light' }) }],
  ['mature', by(1), /glides over lines/, { item: item('primer', { family: 'silicone', texture: 'gel' }), slot: 'primer', face: { ageBand: 'mature' } }, { item: item('primer', { family: 'silicone', texture: 'gel' }), slot: 'primer' }],
  ['mature', by(-2), /coarse sparkle settles in lines/, { item: item('eye colour', { sparkle: 'coarse' }), slot: 'eyes', face: { ageBand: 'mature' } }, { item: item('eye colour', { sparkle: 'none' }), slot: 'eyes', face: { ageBand: 'mature' } }],
  ['mature', by(-1), /heavy powder ages/, { item: item('powder', { family: 'powder' }), slot: 'powder', face: { ageBand: 'mature' } }, { item: item('powder', { family: 'powder', coverage: 'sheer' }), slot: 'powder', face: { ageBand: 'mature' } }],
  ['mature', by(1), /matte or satin lid/, { item: item('eye colour', { finish: 'matte' }), slot: 'eyes', face: { ageBand: 'mature' } }, { item: item('eye colour', { finish: 'luminous' }), slot: 'eyes', face: { ageBand: 'mature' } }],
  ['mature', by(-1), /heavy eye cream/, { item: item('eye care', { texture: 'balm' }), slot: 'eye care', face: { ageBand: 'mature' } }, { item: item('eye care', { texture: 'gel' }), slot: 'eye care', face: { ageBand: 'mature' } }],
  // lash extensions
  ['lash-extensions', by(-2), /oil loosens the glue/, { item: item('remover', { family: 'oil' }), slot: 'cleanse', face: { lashExtensions: true } }, { item: item('remover', { family: 'water' }), slot: 'cleanse', face: { lashExtensions: true } }],
  // child
  ['child', HARM, /a child gets fragrance-free only/, { item: withList('moisturiser', 'Aqua, Parfum'), slot: 'moisturise', face: { ageBand: 'child' } }, { item: withList('moisturiser', 'Aqua, Glycerin'), slot: 'moisturise', face: { ageBand: 'child' } }],
  ['child', HARM, /loose glitter/, { item: item('eye colour', { sparkle: 'coarse', texture: 'loose powder' }), slot: 'eyes', face: { ageBand: 'child' } }, { item: item('eye colour', { sparkle: 'coarse', texture: 'loose powder' }), slot: 'eyes' }],
  ['child', by(-3), /needs little/, { item: item('primer'), slot: 'primer', face: { ageBand: 'child' } }, { item: item('moisturiser'), slot: 'moisturise', face: { ageBand: 'child' } }],
  // facial hair, grooming
  ['grooming', by(1), /no visible product/, { item: item('powder', { finish: 'matte' }), slot: 'powder', face: { facialHair: true } }, { item: item('powder', { finish: 'matte' }), slot: 'powder' }],
  ['grooming', NOTE, /clean spoolie/, { face: { facialHair: true } }, {}],
  ['grooming', by(-2), /shimmer beside facial hair/, { item: item('glow', { finish: 'luminous' }), slot: 'glow', face: { facialHair: true } }, { item: item('glow', { finish: 'natural' }), slot: 'glow', face: { facialHair: true } }],
  // body, costume
  ['body-costume', by(2), /film-forming: stays/, { item: item('body make-up', { resists: ['transfer'] }), slot: 'body' }, { item: item('foundation', { resists: ['transfer'] }) }],
  ['body-costume', by(-2), /rubs off on a costume/, { item: item('body make-up'), slot: 'body', job: { costumeChanges: true } }, { item: item('body make-up'), slot: 'body' }],
  // container × hygiene
  ['container', NOTE, /clean spatula/, { item: item('foundation', { dispenser: 'pot' }) }, { item: item('foundation', { dispenser: 'pot', own: true }) }],
  ['container', NOTE, /fresh wand for every dip/, { item: item('mascara', { dispenser: 'wand' }), slot: 'mascara' }, { item: item('mascara', { dispenser: 'tube' }), slot: 'mascara' }],
  ['container', by(0.5), /comes out of the pack clean/, { item: item('foundation', { dispenser: 'pump' }) }, { item: item('foundation', { dispenser: 'dropper' }) }],
  ['container', NOTE, /sharpen, wipe with 70 %/, { item: item('lip liner', { dispenser: 'pencil' }), slot: 'lip liner' }, { item: item('lip liner', { dispenser: 'tube' }), slot: 'lip liner' }],
  // history with this face
  ['history', by(2), /used and liked on this face 3 times/, { face: { history: [{ itemId: 'foundation', what: 'liked', times: 3 }] } }, { face: { history: [{ itemId: 'other', what: 'liked', times: 3 }] } }],
  ['history', TASTE, /disliked it/, { face: { history: [{ itemId: 'foundation', what: 'disliked', times: 1 }] } }, {}],
  ['history', HARM, /reacted to it/, { face: { history: [{ itemId: 'foundation', what: 'reaction', times: 1 }] } }, { face: { history: [{ itemId: 'foundation', what: 'used', times: 1 }] } }],
  // freshness, level
  ['freshness', HARM, /past its period after opening since 2026-11-30/, { item: item('foundation', { useBy: '2026-11-30' }) }, { item: item('foundation', { useBy: '2026-12-05' }) }],
  ['freshness', NOTE, /not enough left for this face/, { item: item('foundation', { level: 0.01 }) }, { item: item('foundation', { level: 0.5 }) }],
  ['freshness', TASTE, /it is empty/, { item: item('foundation', { level: 0 }) }, { item: item('foundation', { level: 0, own: true }) }],
  // hygiene
  ['single-use-broken-skin', HARM, /straight from a pack that others share; cheeks is broken/, { item: item('foundation', { dispenser: 'stick' }), face: states('cheeks', 'broken') }, { item: item('foundation', { dispenser: 'stick' }) }],
  ['single-use-broken-skin', NOTE, /disposables only on cheeks/, { item: item('foundation', { dispenser: 'pump' }), face: states('cheeks', 'sunburnt') }, { item: item('foundation', { dispenser: 'pump' }), face: states('cheeks', 'redness') }],
  ['eye-area', HARM, /not sold for the eyes/, { item: item('eye colour', { safeFor: ['face'] }), slot: 'eyes' }, { item: item('eye colour', { safeFor: ['eyes'] }), slot: 'eyes' }],
  ['stop-infection', HARM, /pharmacist or doctor/, { item: item('mascara'), slot: 'mascara', face: states('eye area', 'signs of infection') }, { item: item('lip colour'), slot: 'lip colour', face: states('eye area', 'signs of infection') }],
  ['chapped-lips', by(-2), /matte dries chapped lips/, { item: item('lip colour', { finish: 'matte' }), slot: 'lip colour', face: states('lips', 'chapped') }, { item: item('lip colour', { finish: 'matte' }), slot: 'lip colour' }],
  ['chapped-lips', HARM, /no scrub on broken lips/, { item: item('lip care', { texture: 'other' }), slot: 'lip care', face: states('lips', 'broken') }, { item: item('lip care', { texture: 'balm' }), slot: 'lip care', face: states('lips', 'broken') }],
  // how a colour shows
  ['shows-on-skin', by(-1), /vanishes on this depth/, { item: item('blush', { lab: typicalSkin(5, 'neutral'), coverage: 'light' }), slot: 'cheek' }, { item: item('blush', { lab: { L: 45, a: 32, b: 20 }, coverage: 'light' }), slot: 'cheek' }],
  ['shows-on-skin', by(-2), /chalky/, { item: item('highlighter', { lab: { L: 92, a: 1, b: 6 }, coverage: 'full' }), slot: 'highlight', face: { skin: typicalSkin(11, 'neutral') } }, { item: item('highlighter', { lab: { L: 92, a: 1, b: 6 }, coverage: 'full' }), slot: 'highlight', face: { skin: typicalSkin(1, 'neutral') } }],
  ['shows-on-skin', by(-3), /shades nothing/, { item: item('contour', { lab: { L: 52, a: 8, b: 14 } }), slot: 'contour', face: { skin: typicalSkin(10, 'neutral') } }, { item: item('contour', { lab: { L: 30, a: 8, b: 10 } }), slot: 'contour' }],
  ['shows-on-skin', by(-1.5), /nobody asked for it/, { item: item('eye colour', { lab: { L: 50, a: 60, b: 40 } }), slot: 'eyes' }, { item: item('eye colour', { lab: { L: 50, a: 60, b: 40 } }), slot: 'eyes', job: { type: 'editorial' } }],
  ['shows-on-skin', by(0.5), /shows softly/, { item: item('eye colour', { lab: { L: 50, a: 12, b: 18 }, coverage: 'light' }), slot: 'eyes' }, { item: item('eye colour', { lab: null }), slot: 'eyes' }],
  // wishes
  ['wishes', by(2), /full lashes, as asked/, { item: item('lashes', { coverage: 'full' }), slot: 'lashes', face: { wantsLashes: 'full' } }, { item: item('lashes', { coverage: 'sheer' }), slot: 'lashes', face: { wantsLashes: 'full' } }],
  ['wishes', by(1), /medium cover, as asked/, {}, { item: item('foundation', { coverage: 'full' }) }],
]

const findings = (c: Case, rule: string, sentence: RegExp) => findingsOn(weigh(c)).filter(f => f.rule === rule && sentence.test(f.sentence))

describe('each finding appears where it must, with its sentence, and not where it must not', () => {
  it.each(CASES)('%s %j %s', (rule, effect, sentence, fires, silent) => {
    const found = findings(fires, rule, sentence)
    expect(found).toHaveLength(1)
    expect(found[0]!.effect).toEqual(effect)
    expect(findings(silent, rule, sentence)).toEqual([])
  })

  it('every rule that weighs has a case', () => {
    const tried = new Set(CASES.map(c => c[0]))
    expect(RULES.filter(r => r.weigh && !tried.has(r.id)).map(r => r.id)).toEqual([])
  })

  it.each(RULES.map(r => [r.id, r] as const))('%s switched off weighs nothing, but keeps its vetoes of harm', (id) => {
    for (const [rule, , , fires] of CASES.filter(c => c[0] === id)) {
      const off = findingsOn(weigh({ ...fires, settings: { ...fires.settings, ruleWeights: { [rule]: 0 } } })).filter(f => f.rule === rule)
      for (const { effect } of off) expect(effect).toEqual(HARM)
    }
  })

  it('a doubled rule weighs double', () => {
    const [found] = findingsOn(weigh({ item: item('foundation', { finish: 'dewy' }), face: { skinType: 'oily' }, settings: { ruleWeights: { 'skin-type-finish': 2 } } })).filter(f => f.rule === 'skin-type-finish')
    expect(found!.effect).toEqual(by(-4))
  })
})

/** What a rule asks the plan to hold, and a face or job of which it does not. */
const ASKED: readonly (readonly [rule: string, slot: SlotId, sentence: RegExp, fires: Case, silent: Case])[] = [
  ['skin-type-finish', 'powder', /shine set/, { face: { skinType: 'oily' } }, { face: { skinType: 'dry' } }],
  ['skin-state-texture', 'moisturise', /hydrating prep/, { face: states('cheeks', 'flaky') }, {}],
  ['skin-state-texture', 'corrector', /redness on cheeks/, { face: states('cheeks', 'redness') }, {}],
  ['skin-state-texture', 'corrector', /dark circles/, { face: states('eye area', 'dark circles') }, { face: states('cheeks', 'dark circles') }],
  ['skin-state-texture', 'concealer', /spot cover/, { face: states('cheeks', 'uneven') }, {}],
  ['endurance', 'set', /setting spray/, { job: { heat: true } }, {}],
  ['endurance', 'eye primer', /eye base/, { job: { hours: 12 } }, { job: { hours: 3 } }],
  ['tears', 'mascara', /waterproof mascara/, { job: { tears: true } }, {}],
  ['mature', 'lip liner', /lines around the lips/, { face: { ageBand: 'mature' } }, {}],
  ['body-costume', 'body', /2 limbs/, { job: { limbs: 2 } }, {}],
  ['look', 'contour', /usual for an evening/, { job: { type: 'evening' } }, { job: { type: 'evening' }, face: { bareFaced: true } }],
  ['wishes', 'lashes', /lashes were asked for/, { face: { wantsLashes: 'full' } }, {}],
]

describe('what the rules ask a plan to hold', () => {
  const asked = (c: Case) => { const w = weigh(c); return requirementsOf(w.face, w.job, w.settings) }
  it.each(ASKED)('%s asks for %s: %s', (rule, slot, sentence, fires, silent) => {
    expect(asked(fires)).toContainEqual(expect.objectContaining({ rule, slot, sentence: expect.stringMatching(sentence) }))
    expect(asked(silent).filter(r => r.rule === rule && r.slot === slot && sentence.test(r.sentence))).toEqual([])
  })
  it('a hydrating prep is not a matte one', () => {
    const [hydrating] = asked({ face: states('cheeks', 'flaky') }).filter(r => r.slot === 'moisturise')
    expect(hydrating!.met!(item('moisturiser', { texture: 'cream' }))).toBe(true)
    expect(hydrating!.met!(item('moisturiser', { texture: 'gel', finish: 'matte' }))).toBe(false)
  })
})
