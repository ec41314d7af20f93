import { declaredAs } from '../../ingredients/declared'
import { difference } from '../../colour/difference'
import type { Lab } from '../../colour/lab'
import { ILLUMINANTS, type Illuminant } from '../../colour/tables'
import { pigmentFor } from '../../complexion/bottles/pigments'
import { driftUnder, TECHNIQUES, wornMatch, type Technique, type Worn } from '../../complexion/mixing/worn'
import { FACE_ML, shareOfFace } from '../../stock/things/amount'
import { isOneOf, VERDICT_LIMITS, type Drops } from '../../complexion/mixing/recipe'
import type { SlotUse } from '../needs/uses'
import type { Candidate } from '../question/candidate'
import { zonesIn, type FaceFacts } from '../../asked/face'
import type { KitItem } from '../../product/item'
import type { JobFacts } from '../../asked/job'
import { complexionProduct } from '../../product/recipeItem'
import { slotPlan, type SlotId } from '../../asked/slots'

export interface LayerAmount {
  value: number
  unit: 'ml' | 'g' | 'pair'
}

// Where no number of limbs is given: arms and legs.
const ALL_LIMBS = 4
// Cream foundation for a full face. Amounts and minutes here and in asked/slots.ts are starting values, ours.
const CREAM_G = 0.25
/** Layers whose amount is for the whole skin, and goes with the part of it they lie on. */
// prettier-ignore
const BY_AREA: readonly SlotId[] = [
  'tone', 'moisturise', 'sun protection', 'primer', 'glow', 'foundation', 'powder',
]
/** A concealer's amount is for both the eyes and a few spots; for one of the two half of it. */
const HALF = 0.5

/** How much of a product goes on this face: by the area it goes on. */
export function amountOf(use: AreaOfUse, { item }: Candidate, { limbs }: JobFacts, faceMl = FACE_ML): LayerAmount {
  const { slot, where, zones } = use
  const { amount, unit } = slotPlan(slot)
  const share = where !== null && BY_AREA.includes(slot) ? shareOfFace(zones) : 1
  if (slot === 'foundation' && item.texture !== 'cream' && item.texture !== 'stick')
    return { value: faceMl[item.coverage] * share, unit: 'ml' }
  if (slot === 'foundation') return { value: CREAM_G * share, unit: 'g' }
  // Patches and sheets are worn as they are, and come in pairs.
  if (slot === 'mask' && item.texture === 'other') return { value: 1, unit: 'pair' }
  if (slot === 'concealer') return { value: amount * (zones.length > 1 ? 1 : HALF), unit }
  return { value: slot === 'body' ? amount * (limbs || ALL_LIMBS) : amount * share, unit }
}

/** A place as far as its amount and minutes depend on it. */
export type AreaOfUse = Pick<SlotUse, 'key' | 'slot' | 'where' | 'zones' | 'tone'>

// Share of the minutes that one more of the same takes after the first.
const BESIDE = 0.5
const CREASE = 4
const ONE_BOTTLE = 6
const SAVED_RECIPE = 5

/** How long a layer takes here, minutes: by what is done. */
export function minutesOf(
  { key, slot, where, zones }: AreaOfUse,
  { recipe }: Pick<Candidate, 'recipe'>,
  face: Pick<FaceFacts, 'recipes'>,
  { limbs }: Pick<JobFacts, 'limbs'>,
): number {
  const { minutes } = slotPlan(slot)
  if (slot === 'body') return minutes * (limbs || ALL_LIMBS)
  if (key === 'eyes: crease') return CREASE
  if (key !== slot) return slot === 'foundation' ? minutes * shareOfFace(zones) : BESIDE
  if (slot !== 'foundation') return minutes
  const whole =
    recipe && isOneOf(recipe.drops, face.recipes)
      ? SAVED_RECIPE
      : recipe && recipe.drops.length > 1
        ? minutes
        : ONE_BOTTLE
  return where === null ? whole : Math.max(whole / 2, whole * shareOfFace(zones))
}

const thin = (face: FaceFacts, job: JobFacts) => face.bareFaced || face.ageBand === 'mature' || job.highDefinition

const isOff = ({ lab }: KitItem, { skin }: FaceFacts) => lab !== null && difference(lab, skin) > VERDICT_LIMITS.workable

const CANNOT_BE_SPRAYED: readonly KitItem['texture'][] = ['cream', 'balm', 'stick', 'gel']

/** How the base is laid on: what shows close up or sits in lines goes on thin; what has to cover is built up. */
export function baseTechnique(
  item: KitItem,
  face: FaceFacts,
  job: JobFacts,
  house: Technique | null = null,
): Technique {
  if (house && (house !== 'sprayed' || !CANNOT_BE_SPRAYED.includes(item.texture))) return house
  // What does not match is laid on so thin that the skin shows through.
  if (thin(face, job) || isOff(item, face)) return 'mist-damp sponge'
  if (face.coverage === 'full' && item.coverage !== 'full' && item.buildable) return 'built up'
  return job.heat || job.humidity ? 'pressed by hand' : 'brush'
}

const BASE_TOOL: Readonly<Record<Technique, string>> = {
  'mist-damp sponge': 'mist-damp sponge',
  'sprayed': 'spray gun',
  'brush': 'foundation brush',
  'pressed by hand': 'pressed by hand',
  'built up': 'foundation brush, two thin passes',
}

/** Tool and technique for a layer; on broken or sunburnt skin everything that touches it is thrown away after. */
export function technique(
  { slot, zones, where, key, tone }: AreaOfUse,
  item: KitItem,
  face: FaceFacts,
  job: JobFacts,
  house: Technique | null = null,
): { tool: string; words: string | null } {
  const plan = slotPlan(slot)
  const raw = zonesIn(face, 'broken', 'sunburnt').filter(z => zones.includes(z))
  const base =
    slot === 'foundation' ? baseTechnique(item, tone ? { ...face, skin: tone.skin } : face, job, house) : plan.technique
  const tool = slot === 'foundation' ? BASE_TOOL[base!] : toolFor({ key, slot, where }, item)
  if (raw.length > 0 && slot !== 'set') return { tool: 'disposable sponge or bud, thrown away after', words: base }
  return { tool, words: base }
}

/** The usual tool of a place, but where part of it or the product itself wants another. */
function toolFor({ key, slot, where }: Pick<AreaOfUse, 'key' | 'slot' | 'where'>, item: KitItem): string {
  if (slot === 'brows' && item.lab === null) return 'clean spoolie'
  if (slot === 'powder' && where === null) return 'powder brush, pressed'
  if (key === 'lip care: scrub') return 'damp round, small circles'
  return slotPlan(slot).tool
}

const DIPPED = ['pot', 'stick']

/** What holds brows without colour goes in with a spoolie alone. */
const DRAWS_BROWS = 'angled brush'

const MAY_BE_LATEX: readonly string[] = ['sponge', 'body sponge', 'puff']

/** What the plan takes out of the bag; of what may hold latex, another for whom latex was declared. */
export function toolsFor(
  layers: readonly { slot: SlotId; item: KitItem; drops?: readonly Drops[] | null }[],
  face: FaceFacts,
): string[] {
  const latexFree = face.sensitivities.some(s => declaredAs(s).holds('natural rubber latex'))
  const raw = zonesIn(face, 'broken', 'sunburnt').length > 0
  return [
    ...new Set([
      ...layers.flatMap(l => slotPlan(l.slot).takes.filter(t => t !== DRAWS_BROWS || l.item.lab !== null)),
      ...(layers.some(l => (l.drops?.length ?? 1) > 1) ? ['mixing palette', 'spatula'] : []),
      ...(layers.some(l => DIPPED.includes(l.item.dispenser)) ? ['spatula'] : []),
      ...(layers.some(l => l.item.dispenser === 'wand' && !l.item.own) ? ['disposable wands'] : []),
      ...(raw ? ['disposable sponges and buds'] : []),
    ]),
  ]
    .map(tool => (latexFree && MAY_BE_LATEX.includes(tool) ? `latex-free ${tool}` : tool))
    .sort()
}

export interface WornPrediction extends Worn {
  bare: Lab
  target: Lab
  technique: Technique
  thickness: number
  /** ΔE00 by which the match drifts in the venue's light; null in daylight. */
  drift: number | null
  /** The same for every light but daylight. */
  drifts: { light: Illuminant; by: number }[]
  light: JobFacts['light']
}

/** What the base looks like on this face, and whether it holds in the light of the venue. */
export function wornOf(
  { item }: Candidate,
  face: FaceFacts,
  job: JobFacts,
  house: Technique | null = null,
): WornPrediction | null {
  if (!item.lab) return null
  const how = baseTechnique(item, face, job, house)
  const thickness = TECHNIQUES[how]
  const film = pigmentFor(complexionProduct(item as KitItem & { lab: Lab }))
  const drifts = ILLUMINANTS.filter(l => l !== 'D65').map(l => ({
    light: l,
    by: driftUnder(film, face.bare, face.skin, thickness, l),
  }))
  return {
    ...wornMatch(film, face.bare, face.skin, thickness),
    bare: face.bare,
    target: face.skin,
    technique: how,
    thickness,
    light: job.light,
    drifts,
    drift: drifts.find(d => d.light === job.light)?.by ?? null,
  }
}
