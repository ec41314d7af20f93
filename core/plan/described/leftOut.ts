import type { Candidate } from '../question/candidate'
import type { Filled } from '../candidates/filled'
import type { Finding } from '../../suitability/finding'
import { seamBetween } from '../layers/layering'
import type { PlanSettings } from '../../asked/settings'
import { slotPlan, type SlotId } from '../../asked/slots'

/** Products left out for the same reason. */
export interface LeftOut {
  /** By id where it is one product, and not one mix of many. */
  products: { name: string; itemId: string | null }[]
  slot: SlotId
  finding: Finding
}

// A weight this bad is a reason of its own.
const POOR = -1.5

/** A recipe goes by its range: nobody wants to hear of every mix that was not made. */
const nameOf = ({ item, recipe }: Candidate) =>
  recipe && item.range ? `${item.range.split(' / ').at(-1)!} mixes` : item.name

/**
 * What was not chosen although it was there, each with the one reason that weighed most: a veto, a bad mark, or a layer
 * above or below that it would separate from.
 */
export function leftOutOf(
  filled: readonly Filled[],
  picks: ReadonlyMap<string, Candidate | null>,
  settings: PlanSettings,
): LeftOut[] {
  const chosen = [...picks.values()].flatMap(c => (c ? [c] : []))
  const used = new Set(
    chosen.flatMap(c => (c.recipe ? [c.item.id, nameOf(c), ...c.recipe.drops.map(d => d.id)] : [c.item.id])),
  )
  const seen = new Set<string>()
  const out = new Map<string, LeftOut>()
  for (const f of filled) {
    // Of mixes of one range the plainest stands for all.
    const plainest = [...f.candidates].sort((x, y) => (x.recipe?.drops.length ?? 0) - (y.recipe?.drops.length ?? 0))
    for (const candidate of plainest) {
      const name = nameOf(candidate)
      // Two bottles of one name are two bottles.
      const which = candidate.recipe ? name : candidate.item.id
      if (used.has(candidate.item.id) || (candidate.recipe && used.has(name)) || seen.has(which)) continue
      const finding = candidate.veto ?? worst(candidate) ?? parted(candidate, f, filled, picks, settings)
      if (!finding) continue
      seen.add(which)
      const product = { name, itemId: candidate.recipe ? null : candidate.item.id }
      const key = `${finding.rule} ${finding.sentence}`
      const told = out.get(key)
      if (told) told.products.push(product)
      else out.set(key, { products: [product], slot: f.use.slot, finding })
    }
  }
  const rank = ({ effect }: Finding) => (effect.is === 'veto' ? (effect.of === 'harm' ? 0 : 1) : 2)
  return [...out.values()].sort((x, y) => rank(x.finding) - rank(y.finding))
}

const weightOf = ({ effect }: Finding) => (effect.is === 'weight' ? effect.by : 0)

function worst({ findings }: Candidate): Finding | undefined {
  return findings.filter(f => weightOf(f) <= POOR).sort((x, y) => weightOf(x) - weightOf(y))[0]
}

/** A product as good as the one chosen, kept out by a layer it would separate from. */
function parted(
  candidate: Candidate,
  f: Filled,
  filled: readonly Filled[],
  picks: ReadonlyMap<string, Candidate | null>,
  settings: PlanSettings,
): Finding | undefined {
  const instead = picks.get(f.use.key)
  if (candidate.score < (instead?.score ?? 0.5)) return undefined
  const ground = filled.filter(
    o => slotPlan(o.use.slot).ground === slotPlan(f.use.slot).ground && (o === f || picks.get(o.use.key)),
  )
  const at = ground.indexOf(f)
  const layer = (o: Filled | undefined) => (o ? { item: picks.get(o.use.key)!.item, slot: o.use.slot } : undefined)
  const [below, above] = [layer(ground[at - 1]), layer(ground[at + 1])]
  const own = { item: candidate.item, slot: f.use.slot }
  const seams = [below && seamBetween(below, own, settings), above && seamBetween(own, above, settings)]
  const seam = seams.find(s => s && s.risk === 'high')
  return seam ? { rule: 'layering', effect: { is: 'weight', by: -seam.cost }, sentence: seam.sentence } : undefined
}
