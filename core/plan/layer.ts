import type { Lab } from '../colour/lab'
import { ILLUMINANTS, type Illuminant } from '../colour/tables'
import { pigmentFor } from '../complexion/pigments'
import { driftUnder, TECHNIQUES, wornMatch, type Technique, type Worn } from '../complexion/worn'
import { FACE_ML } from '../stock/amount'
import type { Candidate } from './candidate'
import { zonesIn, type FaceFacts } from '../suitability/face'
import type { KitItem } from '../product/item'
import type { JobFacts } from '../suitability/job'
import { complexionProduct } from '../product/recipeItem'
import { slotPlan, type SlotId } from './slots'

export interface LayerAmount {
  value: number
  unit: 'ml' | 'g' | 'pair'
}

/** How much of a product goes on this face. */
export function amountOf(slot: SlotId, { item }: Candidate, { limbs }: JobFacts, faceMl = FACE_ML): LayerAmount {
  const { amount, unit } = slotPlan(slot)
  if (slot === 'foundation' && item.texture !== 'cream' && item.texture !== 'stick')
    return { value: faceMl[item.coverage], unit: 'ml' }
  if (slot === 'foundation') return { value: 0.25, unit: 'g' }
  return { value: slot === 'body' ? amount * limbs : amount, unit }
}

const thin = (face: FaceFacts, job: JobFacts) => face.bareFaced || face.ageBand === 'mature' || job.highDefinition

/** How the base is laid on: what shows close up or sits in lines goes on thin; what has to cover is built up. */
export function baseTechnique(item: KitItem, face: FaceFacts, job: JobFacts): Technique {
  if (thin(face, job)) return 'mist-damp sponge'
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
  slot: SlotId,
  item: KitItem,
  face: FaceFacts,
  job: JobFacts,
): { tool: string; words: string | null } {
  const plan = slotPlan(slot)
  const raw = zonesIn(face, 'broken', 'sunburnt').filter(z => z !== 'lips' && z !== 'eye area')
  const base = slot === 'foundation' ? baseTechnique(item, face, job) : plan.technique
  const tool = slot === 'foundation' ? BASE_TOOL[base!] : plan.tool
  if (raw.length > 0 && plan.ground === 'skin' && slot !== 'set')
    return { tool: 'disposable sponge or bud, thrown away after', words: base }
  return { tool, words: base }
}

const DIPPED = ['pot', 'stick']

/** What the plan takes out of the bag. */
export function toolsFor(layers: readonly { slot: SlotId; item: KitItem }[], face: FaceFacts): string[] {
  const raw = zonesIn(face, 'broken', 'sunburnt').length > 0
  return [
    ...new Set([
      ...layers.flatMap(l => slotPlan(l.slot).takes),
      ...(layers.some(l => DIPPED.includes(l.item.dispenser)) ? ['spatula'] : []),
      ...(layers.some(l => l.item.dispenser === 'wand' && !l.item.own) ? ['disposable wands'] : []),
      ...(raw ? ['disposable sponges and buds'] : []),
      ...(face.facialHair ? ['spoolie', 'single-use blade if they shave'] : []),
    ]),
  ].sort()
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
export function wornOf({ item }: Candidate, face: FaceFacts, job: JobFacts): WornPrediction | null {
  if (!item.lab) return null
  const how = baseTechnique(item, face, job)
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
