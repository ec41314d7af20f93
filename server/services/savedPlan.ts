import type { SavedPlan } from '#shared/records/plans'
import type { plans } from '../db/schema'

/** A kept plan as a record. */
export const savedPlanOf = ({ faceId: _face, deletedAt: _gone, ...row }: typeof plans.$inferSelect): SavedPlan => row
