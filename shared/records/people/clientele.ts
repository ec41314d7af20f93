import type { Lab } from '#core/colour/lab'
import { SKIN_TYPES, type SkinType } from '#core/asked/face'
import * as is from '../../checks/rules'
import type { SeenVerdict } from './faces'

export const FACE_ORDERS = ['booked', 'name', 'depth'] as const
export type FaceOrder = (typeof FACE_ORDERS)[number]

/** What a list of faces is asked for. */
export class FacesQuery {
  @is.Text(0, 100) q: string = ''
  @is.Maybe() @is.OneOf(SKIN_TYPES) skin?: SkinType | null
  @is.OneOf(FACE_ORDERS) order: FaceOrder = 'booked'
  /** Where the page before ended. */
  @is.Text(0, 400) cursor: string = ''
  @is.Whole(1, 100) limit: number = 50
}

export interface BookedFor {
  jobId: string
  name: string
  day: string | null
}

/** A face as a list shows it. */
export interface FaceLine {
  id: string
  name: string
  skinType: SkinType
  /** What a base has to agree with; null while the skin is not read. */
  lab: Lab | null
  booking: BookedFor | null
}

export interface FacePage {
  lines: FaceLine[]
  /** To ask for what comes after; null at the end. */
  next: string | null
  /** How many fit what was asked. */
  count: number
}

/** A face as far as it concerns the kit. */
export interface ClienteleFace extends FaceLine {
  sensitivities: string[]
  mildOnly: boolean
}

/** Whom the kit is for, in short: what Reach, Buys and the Bench start from. */
export interface Clientele {
  all: number
  unread: number
  /** Those booked soonest, then those who came last, so many and no more. */
  faces: ClienteleFace[]
  /** Every skin that was read, those of nearly one colour as one. */
  skins: { lab: Lab; weight: number }[]
  /** In how many faces' recipes a product is, by its id. */
  inRecipes: Record<string, number>
}

/** What was seen of mixes on faces, with the skins it was seen on. */
export interface Evidence {
  faces: { id: string; name: string; mean: Lab; covariance: number[] }[]
  verdicts: (SeenVerdict & { faceId: string })[]
}
