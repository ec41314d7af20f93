import type { Layer } from '#core/plan/facePlan'
import { asksOf } from '#core/ingredients/declared'
import { reasonsInOrder } from '#core/suitability/reasons'
import type { SlotId } from '#core/asked/slots'
import type { Face } from '../records/people/faces'
import type { SavedPlan } from '../records/people/plans'

/** One line of a card. */
export interface CardLine {
  slot: SlotId
  step: string
  where: string | null
  product: string
  /** Whole drops, for a base that was mixed. */
  drops: { name: string; count: number }[] | null
  amount: { value: number; unit: string }
  tool: string
  reasons: string[]
}

/** What goes out as JSON; the format is our own and open: see README. */
export interface FaceCard {
  format: 'varietas.face-card'
  version: 1
  face: string
  kind: SavedPlan['kind']
  savedAt: string
  usedAt: string | null
  agreed: string
  change: string
  skin: { L: number; a: number; b: number } | null
  minutes: number
  /** What was declared and has to be asked or kept in mind first. */
  askFirst: string[]
  lines: CardLine[]
  overrides: { rule: string; reason: string }[]
}

type NameOf = (productId: string) => string

const lineOf = (layer: Layer, nameOf: NameOf): CardLine => ({
  slot: layer.slot,
  step: layer.name,
  where: layer.where,
  product: layer.item.name,
  drops: layer.drops && layer.drops.length > 1 ? layer.drops.map(d => ({ name: nameOf(d.id), count: d.count })) : null,
  amount: { value: layer.amount.value, unit: layer.amount.unit },
  tool: layer.tool,
  reasons: reasonsInOrder(layer.findings, layer.asked),
})

/** A kept plan as a card for the artist. */
export const faceCard = (face: Face, saved: SavedPlan, nameOf: NameOf): FaceCard => ({
  format: 'varietas.face-card',
  version: 1,
  face: face.name,
  kind: saved.kind,
  savedAt: saved.savedAt,
  usedAt: saved.usedAt,
  agreed: saved.agreed,
  change: saved.change,
  skin: saved.plan.worn?.bare ?? null,
  minutes: saved.plan.minutes.full,
  askFirst: asksOf(face.consultation.sensitivities, face.consultation.packsRead),
  lines: saved.plan.layers.map(l => lineOf(l, nameOf)),
  overrides: saved.overrides.map(({ rule, reason }) => ({ rule, reason })),
})
