import type { Aim } from '../look/aim'
import type { FaceFacts, SkinType, Zone } from '../asked/face'
import type { KitItem } from '../product/item'
import type { JobFacts } from '../asked/job'
import type { SlotId } from '../asked/slots'
import type { PlanSettings } from '../asked/settings'

/** A veto of harm is lifted only with a kept reason; a veto of taste at once. */
export type Effect = { is: 'veto'; of: 'harm' | 'taste' } | { is: 'weight'; by: number } | { is: 'note' }

export interface Finding {
  /** Id of the rule it comes from. */
  rule: string
  effect: Effect
  /** As the artist reads it: a clause that begins in lower case. */
  sentence: string
}

/** A product held against a face for one place in the plan. */
export interface Weighing {
  item: KitItem
  slot: SlotId
  /** Skin type where this layer goes. */
  skinType: SkinType
  /** Parts of the face it lies on; those of the slot when left out. */
  zones?: readonly Zone[]
  /** What its colour is to do there. */
  aim?: Aim | null
  face: FaceFacts
  job: JobFacts
  settings: PlanSettings
}

/** One rule of the trade. Pure: the same product, face, job and settings always give the same findings. */
export interface Rule {
  id: string
  /** What it looks at, as the settings list it. */
  looksAt: string
  /** Findings on one product; absent where the rule only gives a reason for a layer. */
  weigh?(weighing: Weighing): readonly Said[]
}

export type Said = Omit<Finding, 'rule'>

export const weight = (by: number, sentence: string): Said => ({ effect: { is: 'weight', by }, sentence })
export const veto = (of: 'harm' | 'taste', sentence: string): Said => ({ effect: { is: 'veto', of }, sentence })
export const note = (sentence: string): Said => ({ effect: { is: 'note' }, sentence })

/** The findings that hold: those of a list whose condition is true. */
export const when = (...cases: readonly (readonly [boolean, Said])[]): Said[] => {
  const found: Said[] = []
  for (const [holds, said] of cases) if (holds) found.push(said)
  return found
}

export const scoreOf = (findings: readonly Finding[]) =>
  findings.reduce((sum, { effect }) => sum + (effect.is === 'weight' ? effect.by : 0), 0)

/** The veto that stands over others: one of harm before one of taste. */
export function vetoOf(findings: readonly Finding[]): (Finding & { effect: { is: 'veto' } }) | undefined {
  const vetoes = findings.filter(
    (f): f is Finding & { effect: { is: 'veto'; of: 'harm' | 'taste' } } => f.effect.is === 'veto',
  )
  return vetoes.find(f => f.effect.of === 'harm') ?? vetoes[0]
}
