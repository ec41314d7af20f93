import type { AgeBand, FaceInput, SkinType } from '#shared/records/faces'
import type { Coverage } from '#core/complexion/product'
import type { Finish } from '#shared/records/kit'

/** How much is known of a demo face's skin when the story begins. */
export type Known = 'meter' | 'between bottles' | 'nothing'

export interface DemoFace {
  face: Omit<FaceInput, 'bookedOn'>
  /** Days from the day the demo is loaded; null for nobody booked. */
  bookedInDays: number | null
  /** The skin itself: depth, hue deviation in degrees, chroma ratio. */
  skin: readonly [number, number, number]
  known: Known
  /** Whether the best recipe of the kit is on record. */
  hasRecipe?: boolean
}

interface Wish { age?: AgeBand, coverage?: Coverage, finish?: Finish, wishes?: string, notes?: string, known?: Known, hasRecipe?: boolean }

const face = (
  name: string, skin: DemoFace['skin'], skinType: SkinType, bookedInDays: number | null, bookedFor: string,
  { age = 'adult', coverage = 'medium', finish = 'natural', wishes = '', notes = '', known = 'meter', hasRecipe }: Wish = {},
): DemoFace => ({
  face: { name, ageBand: age, skinType, coverage, finish, wishes, bookedFor, notes }, bookedInDays, skin, known, hasRecipe,
})

const BALL = 'Tidewater Ballroom Championships'
const FERRY = 'Ferry crew portraits'
const GALA = 'Harbour choir gala, televised'
const VOWS = 'Vow renewal at the lock'
const STARS = 'Astronomy night photographs'

export const DEMO_FACES: readonly DemoFace[] = [
  face('Orla Ndiaye-Brandt', [5.5, 6, 1.05], 'oily', 4, BALL, { finish: 'matte', coverage: 'full', wishes: 'Nothing may rub off on the partner’s tailcoat.', hasRecipe: true }),
  face('Teodoro Vaskelis', [3.1, -1, 1], 'combination', 4, BALL, { finish: 'matte', wishes: 'As if nothing were there.' }),
  face('Amahle Rosqvist', [11.2, 3, 1.02], 'normal', 4, BALL, { finish: 'satin', coverage: 'full', wishes: 'Gold dress, warm light.' }),
  face('Juniper Okonkwo-Hale', [8.3, 2, 1.02], 'dry', 4, BALL, { finish: 'dewy' }),
  face('Kaisa Mbeki-Lund', [9.1, -5, 1], 'oily', 4, BALL, { finish: 'matte', coverage: 'full', known: 'between bottles' }),
  face('Ravindra Tolliver', [6.6, 7, 1.05], 'combination', 4, BALL, { finish: 'natural', coverage: 'light' }),
  face('Sunniva Achterberg', [1.4, -8, 1], 'dry', 4, BALL, { finish: 'satin', wishes: 'Reddens in heat.' }),
  face('Malakai Fenestra', [7.4, 1, 1], 'oily', 4, BALL, { coverage: 'light', finish: 'matte' }),
  face('Bosun Ines Halloran', [4.4, 0, 1.02], 'dry', 9, FERRY, { wishes: 'Weather may show.', hasRecipe: true }),
  face('Captain Yusuf Drevets', [5.2, 11, 0.88], 'normal', 9, FERRY, { coverage: 'light', known: 'between bottles' }),
  face('Mirela Stroud-Ito', [2.6, 5, 1.04], 'combination', 9, FERRY, {}),
  face('Piet Aroha', [6.2, -6, 1], 'normal', 9, FERRY, { finish: 'matte', known: 'nothing' }),
  face('Dagny Osei-Whitlock', [9.8, 0, 1], 'dry', 14, GALA, { age: 'mature', finish: 'satin' }),
  face('Lucian Vantongeren', [2, -3, 1], 'oily', 14, GALA, { age: 'mature', finish: 'matte' }),
  face('Harumi Castellane', [3.6, 8, 1.06], 'normal', 14, GALA, {}),
  face('Nkechi Lindqvist', [10, 1, 1.01], 'combination', 14, GALA, { known: 'between bottles' }),
  face('Wilhelmina Sato-Reyes', [3.9, 2, 1], 'dry', 20, VOWS, { age: 'mature', finish: 'dewy', wishes: 'Married fifty years; wants to look like herself.', hasRecipe: true }),
  face('Absalom Reyes', [5, 4, 1.02], 'dry', 20, VOWS, { age: 'mature', coverage: 'sheer' }),
  face('Pilar Reyes-Mokoena', [7, 9, 0.9], 'combination', 20, VOWS, { known: 'between bottles' }),
  face('Tove Reyes', [4.8, -2, 1], 'normal', 20, VOWS, { age: 'child', coverage: 'sheer', wishes: 'A little shine, no glitter.' }),
  face('Esperanza Quill', [4.7, 1, 1], 'oily', 27, STARS, { age: 'teen', coverage: 'light' }),
  face('Idris Ljungstrom', [8, -2, 1], 'normal', 27, STARS, { age: 'teen', coverage: 'sheer', known: 'nothing' }),
  face('Fennimore Adeyemi', [6.5, 5, 1.05], 'dry', 31, 'Talk at the aquarium', { age: 'mature', wishes: 'Retired diver, mask line on the cheeks.', hasRecipe: true }),
  face('Gwendolen Park-Osman', [2.2, 1, 1], 'combination', null, '', { wishes: 'Came last winter; skin may have moved.' }),
]
