import { difference } from '../../colour/difference'
import { packPigments } from '../../complexion/bottles/pigments'
import { verdictOf, type Drops } from '../../complexion/mixing/recipe'
import { mixLab } from '../../complexion/mixing/touch'
import type { Lab } from '../../colour/lab'
import { mixingRules } from '../../complexion/bottles/mixable'
import type { Candidate } from '../question/candidate'
import type { Lock, Situation } from '../question/question'
import { heldMix } from './candidates'
import { recipeCandidate } from '../base/recipeCandidate'
import type { KitItem } from '../../product/item'
import { complexionProduct } from '../../product/recipeItem'
import type { SlotUse } from '../needs/uses'

/** Thrown when what is locked in may not touch this face, or is not there. */
export class LockRefused extends Error {
  constructor(
    readonly key: string,
    message: string,
  ) {
    super(message)
    this.name = 'LockRefused'
  }
}

/**
 * The candidate a lock stands for; null for a place held empty. A lock overrides a veto of taste, never one of harm.
 * @throws LockRefused
 */
export function lockedCandidate(
  lock: Lock,
  use: SlotUse,
  candidates: readonly Candidate[],
  situation: Situation,
): Candidate | null {
  if ('empty' in lock) return null
  const candidate =
    'itemId' in lock ? candidates.find(c => c.item.id === lock.itemId) : ofDrops(lock.drops, use, situation)
  if (!candidate) throw new LockRefused(use.key, 'is not in the kit, or does other work')
  if (candidate.veto?.effect.of === 'harm') {
    throw new LockRefused(use.key, `${candidate.veto.sentence}: it goes in only with a reason that is kept`)
  }
  if (!candidate.veto) return candidate
  const findings = candidate.findings.map(f =>
    f.effect.is === 'veto' ? { ...f, effect: { is: 'note' as const }, sentence: `${f.sentence}; you locked it in` } : f,
  )
  return { ...candidate, findings, veto: undefined }
}

/** What a base is mixed of. */
const MIXED: readonly KitItem['kind'][] = ['foundation', 'adjuster', 'medium']

function ofDrops(drops: readonly Drops[], use: SlotUse, situation: Situation): Candidate | undefined {
  const bottles = drops.map(d => situation.items.find(i => i.id === d.id))
  if (use.slot !== 'foundation') return heldMix(drops, use, situation)
  if (bottles.some(b => !b || !MIXED.includes(b.kind))) return undefined
  // A medium changes the formula, not the colour.
  const parts = bottles.filter((b): b is KitItem & { lab: Lab } => Boolean(b?.lab) && b?.kind !== 'medium')
  if (parts.length === 0) return undefined
  const coloured = drops.filter(d => parts.some(p => p.id === d.id))
  const lab = mixLab(packPigments(parts.map(complexionProduct), mixingRules(situation.settings)), coloured)
  const deltaE = difference(lab, use.tone?.skin ?? situation.face.skin)
  return recipeCandidate({ drops: [...drops], lab, deltaE, verdict: verdictOf(deltaE) }, use, situation)
}
