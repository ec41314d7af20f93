import type { PlanLine } from '#shared/records/people/plans'
import type { plans } from '../../db/schema'

/** A kept plan as a list shows it. */
export const planLineOf = ({ faceId: _face, deletedAt: _gone, ...row }: typeof plans.$inferSelect): PlanLine => row
