import type { AgeBand, HistoryWord, SkinType, Zone, ZoneState } from '#core/asked/face'
import { skinAt } from '#core/complexion/skins/skin'
import type { ChartMarkInput, Consultation } from '#shared/records/method/consultation'
import type { PaletteTestInput } from '#shared/records/people/plans'
import { carried, type Carried } from './carried'
import { BALL, FERRY, GALA, STARS, TALK, VOWS } from './jobs'
import type { FaceInput } from '#shared/records/people/faces'
import type { Coverage } from '#core/complexion/bottles/product'
import type { Finish } from '#core/product/item'

/** How much is known of a demo face's skin when the story begins. */
export type Known = 'meter' | 'between bottles' | 'nothing'

export interface DemoFace {
  face: FaceInput
  /** The day they are booked for, see jobs.ts; empty for nobody booked. */
  job: string
  /** The skin itself: depth, hue deviation in degrees, chroma ratio. */
  skin: readonly [number, number, number]
  known: Known
  /** Whether the best recipe of the kit is on record. */
  hasRecipe?: boolean
  /** What was asked and seen so far. */
  asked?: Partial<Consultation>
  /** The base that was agreed at the rehearsal, by shade. */
  agreedBase?: string
  /** What they bring along. */
  brings?: readonly Carried[]
  /** What became of products of the kit on this face, by shade. */
  past?: readonly { shade: string; what: HistoryWord; note?: string }[]
}

interface Wish extends Pick<DemoFace, 'asked' | 'agreedBase' | 'brings' | 'past'> {
  age?: AgeBand
  coverage?: Coverage
  finish?: Finish
  wishes?: string
  notes?: string
  known?: Known
  hasRecipe?: boolean
}

const face = (
  name: string,
  skin: DemoFace['skin'],
  skinType: SkinType,
  job: string,
  {
    age = 'adult',
    coverage = 'medium',
    finish = 'natural',
    wishes = '',
    notes = '',
    known = 'meter',
    hasRecipe,
    asked,
    agreedBase,
    brings,
    past,
  }: Wish = {},
): DemoFace => ({
  face: { name, ageBand: age, skinType, coverage, finish, wishes, notes },
  job,
  skin,
  known,
  hasRecipe,
  asked,
  agreedBase,
  brings,
  past,
})

/** Tried on the palette in autumn. */
export const DEMO_PALETTE_TESTS: readonly PaletteTestInput[] = [
  { a: 'Brightwater Pro / Hold Fast', b: 'Tansyhall / Still Water', result: 'held', after: 'four hours' },
  {
    a: 'Sable Quarter / Lantern Cream',
    b: 'Marrowmere / Tideline Fluid',
    result: 'separated',
    after: 'twenty minutes',
  },
]

const zones = (...list: readonly (readonly [Zone, ...ZoneState[]])[]) =>
  list.map(([zone, ...states]) => ({ zone, states }))

const ORLA_CHART: ChartMarkInput[] = [
  { area: 'lid', lab: { L: 62, a: 8, b: 34 }, note: 'Old Gold' },
  { area: 'crease', lab: { L: 36, a: 9, b: 12 }, note: 'Peat' },
  { area: 'lash line', lab: { L: 9, a: 0, b: 0 }, note: 'Rope Line black' },
  { area: 'brow', lab: { L: 24, a: 4, b: 5 }, note: 'Dark Thatch' },
  { area: 'cheek', lab: { L: 46, a: 30, b: 26 }, note: 'Brick Dust' },
  { area: 'lips', lab: { L: 40, a: 34, b: 24 }, note: 'Last Bell Brick' },
]

export const DEMO_FACES: readonly DemoFace[] = [
  face('Orla Ndiaye-Brandt', [5.5, 6, 1.05], 'oily', BALL, {
    finish: 'matte',
    coverage: 'full',
    wishes: 'Nothing may rub off on the partner’s tailcoat.',
    hasRecipe: true,
    asked: {
      hairColour: 'dark brown',
      eyeColour: 'hazel',
      zones: zones(['nose', 'textured'], ['eye area', 'dark circles']),
      lashes: 'full',
      noScent: true,
      normallyWears: 'Powder and a red lip.',
      chart: ORLA_CHART,
      look: 'Gold lid, black line, brick lip; hair up.',
    },
    agreedBase: 'Day Shield Medium',
    past: [{ shade: 'Hold Fast matte', what: 'liked' }],
  }),
  face('Teodoro Vaskelis', [3.1, -1, 1], 'combination', BALL, {
    asked: { bareFaced: true, hairColour: 'dark blond', eyeColour: 'grey' },
    finish: 'matte',
    wishes: 'As if nothing were there.',
  }),
  face('Amahle Rosqvist', [11.2, 3, 1.02], 'normal', BALL, {
    asked: { hairColour: 'black', eyeColour: 'dark brown' },
    finish: 'satin',
    coverage: 'full',
    wishes: 'Gold dress, warm light.',
  }),
  face('Juniper Okonkwo-Hale', [8.3, 2, 1.02], 'dry', BALL, {
    finish: 'dewy',
    asked: {
      hairColour: 'black',
      eyeColour: 'brown',
      eyeShape: 'almond',
      sensitivities: ['lanolin'],
      zones: zones(['lips', 'chapped'], ['cheeks', 'dehydrated']),
    },
  }),
  face('Kaisa Mbeki-Lund', [9.1, -5, 1], 'oily', BALL, {
    asked: { hairColour: 'dark brown', eyeColour: 'green' },
    finish: 'matte',
    coverage: 'full',
    known: 'between bottles',
  }),
  face('Ravindra Tolliver', [6.6, 7, 1.05], 'combination', BALL, {
    finish: 'natural',
    coverage: 'light',
    asked: {
      hairColour: 'black',
      brows: 'dense',
      zones: zones(['nose', 'textured'], ['forehead', 'textured']),
      facialHair: true,
    },
  }),
  face('Sunniva Achterberg', [1.4, -8, 1], 'dry', BALL, {
    finish: 'satin',
    wishes: 'Reddens in heat.',
    asked: {
      hairColour: 'fair',
      browColour: 'blond',
      brows: 'sparse',
      eyeColour: 'blue',
      zones: zones(['cheeks', 'redness', 'reactive']),
      mildOnly: true,
    },
  }),
  face('Malakai Fenestra', [7.4, 1, 1], 'oily', BALL, {
    coverage: 'light',
    finish: 'matte',
    asked: { facialHair: true, secondTone: { zone: 'chin', lab: skinAt(9, 0, 1) }, zones: zones(['chin', 'uneven']) },
  }),
  face('Bosun Ines Halloran', [4.4, 0, 1.02], 'dry', FERRY, {
    asked: { hairColour: 'copper', eyeColour: 'green' },
    wishes: 'Weather may show.',
    hasRecipe: true,
  }),
  face('Captain Yusuf Drevets', [5.2, 11, 0.88], 'normal', FERRY, {
    asked: { programme: 'grooming', hairColour: 'grey', browColour: 'dark brown' },
    coverage: 'light',
    known: 'between bottles',
  }),
  face('Mirela Stroud-Ito', [2.6, 5, 1.04], 'combination', FERRY, {
    asked: { hairColour: 'light brown', eyeColour: 'blue', zones: zones(['cheeks', 'sunburnt'], ['nose', 'sunburnt']) },
    wishes: 'Burnt on the foredeck on Sunday.',
  }),
  face('Piet Aroha', [6.2, -6, 1], 'normal', FERRY, {
    asked: { programme: 'grooming', hairColour: 'black' },
    finish: 'matte',
    known: 'nothing',
  }),
  face('Dagny Osei-Whitlock', [9.8, 0, 1], 'dry', GALA, {
    age: 'mature',
    finish: 'satin',
    asked: {
      hairColour: 'grey',
      browColour: 'dark brown',
      eyeColour: 'brown',
      zones: zones(['eye area', 'lined'], ['lips', 'lined'], ['cheeks', 'flaky']),
    },
  }),
  face('Lucian Vantongeren', [2, -3, 1], 'oily', GALA, {
    age: 'mature',
    finish: 'matte',
    asked: { hairColour: 'silver', facialHair: true, bareFaced: true, normallyWears: 'Nothing, ever.' },
  }),
  face('Harumi Castellane', [3.6, 8, 1.06], 'normal', GALA, {
    asked: { hairColour: 'black', browColour: 'brown', eyeColour: 'dark brown', eyeShape: 'single lid' },
  }),
  face('Nkechi Lindqvist', [10, 1, 1.01], 'combination', GALA, {
    asked: { hairColour: 'auburn', eyeColour: 'hazel' },
    known: 'between bottles',
  }),
  face('Wilhelmina Sato-Reyes', [3.9, 2, 1], 'dry', VOWS, {
    age: 'mature',
    finish: 'dewy',
    wishes: 'Married fifty years; wants to look like herself.',
    hasRecipe: true,
    asked: {
      hairColour: 'white',
      browColour: 'grey',
      eyeColour: 'blue',
      zones: zones(['eye area', 'lined'], ['lips', 'lined']),
      normallyWears: 'A little lipstick.',
    },
    past: [{ shade: 'Claret', what: 'disliked', note: 'Too dark, she said.' }],
  }),
  face('Absalom Reyes', [5, 4, 1.02], 'dry', VOWS, {
    age: 'mature',
    coverage: 'sheer',
    asked: { hairColour: 'white', bareFaced: true, facialHair: true },
  }),
  face('Pilar Reyes-Mokoena', [7, 9, 0.9], 'combination', VOWS, {
    known: 'between bottles',
    asked: { hairColour: 'dark brown', eyeColour: 'brown', eyeShape: 'hooded', lashes: 'sparse', contactLenses: true },
    brings: [
      carried('mascara', 'Oriel & Pike', 'Reed', 'Her own mascara', { lab: { L: 8, a: 0, b: 0 }, openedDaysAgo: 20 }),
    ],
  }),
  face('Tove Reyes', [4.8, -2, 1], 'normal', VOWS, {
    age: 'child',
    coverage: 'sheer',
    wishes: 'A little shine, no glitter.',
    asked: { mildOnly: true },
  }),
  face('Esperanza Quill', [4.7, 1, 1], 'oily', STARS, {
    age: 'teen',
    coverage: 'light',
    asked: {
      hairColour: 'brown',
      eyeColour: 'brown',
      zones: zones(['forehead', 'blemish-prone'], ['chin', 'blemish-prone']),
    },
  }),
  face('Idris Ljungstrom', [8, -2, 1], 'normal', STARS, {
    asked: { programme: 'grooming' },
    age: 'teen',
    coverage: 'sheer',
    known: 'nothing',
  }),
  face('Fennimore Adeyemi', [6.5, 5, 1.05], 'dry', TALK, {
    asked: { programme: 'grooming' },
    age: 'mature',
    wishes: 'Retired diver, mask line on the cheeks.',
    hasRecipe: true,
  }),
  face('Gwendolen Park-Osman', [2.2, 1, 1], 'combination', '', {
    asked: { hairColour: 'ash blond', eyeColour: 'green' },
    wishes: 'Came last winter; skin may have moved.',
  }),
]
