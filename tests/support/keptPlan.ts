import { planFace } from '#core/plan/facePlan'
import { OccasionInput } from '#shared/records/method/consultation'
import type { SavedPlan } from '#shared/records/people/plans'
import { demoQuestion } from './demo'
import type { Services } from './services'

/** A plan of Orla's that was kept. */
export const savedPlan = (more: Partial<SavedPlan> = {}): SavedPlan => ({
  id: 'p',
  kind: 'day',
  locks: [],
  overrides: [{ itemId: 'x', rule: 'history', reason: 'asked for it' }],
  bookingId: null,
  occasion: new OccasionInput(),
  layers: 12,
  minutes: 40,
  costMinor: 300,
  version: 1,
  agreed: '',
  change: '',
  plan: planFace(demoQuestion('Orla')),
  savedAt: '2026-11-24T10:00:00Z',
  usedAt: null,
  ...more,
})

/** Puts a kept plan into the records, as it was kept. */
export const insertPlan = (on: Services, faceId: string, { plan, locks, overrides, ...line }: SavedPlan) =>
  on.write(async tx => {
    await tx.insert(on.tables.plans).values({ ...line, faceId })
    await tx.insert(on.tables.planBodies).values({ planId: line.id, locks, overrides, plan })
  })
