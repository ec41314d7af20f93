import { SETS } from './abilities'
import { SHIPPED_STANDARDS } from './shipped'
import type { Ability } from './standard'

/*
 * Lists to begin a kit from, to be ticked by whoever owns it: what usually serves each ability of one of our standards, and what goes on
 * every face, or is used up on it, whatever the standard. Ticked whole, a list meets its standard.
 */

export interface StartLine {
  id: string
  /** As an artist would write it: it enters the kit by the reader of lists. */
  says: string
  /** How many shades of it lie along the depth scale, where it comes in shades. */
  shades?: number
  /** Ids of the abilities that it serves. */
  serves: readonly string[]
  /** Whether it stands on every list. */
  onEveryFace?: boolean
}
export const START_LIST_IDS = ['first', 'ceremony', 'screen'] as const
export type StartListId = (typeof START_LIST_IDS)[number]

export interface StartList {
  id: StartListId
  name: string
  meant: string
  /** Each with the abilities of this list that it serves. */
  lines: readonly (Omit<StartLine, 'serves'> & { serves: readonly Ability[] })[]
}

const line = (id: string, says: string, ...serves: string[]): StartLine => ({ id, says, serves })
/** What goes on every face; it may serve an ability as well. */
const onEveryFace = (id: string, says: string, ...serves: string[]): StartLine => ({
  ...line(id, says, ...serves),
  onEveryFace: true,
})
const inShades = (id: string, says: string, shades: number, ...serves: string[]): StartLine => ({
  ...line(id, says, ...serves),
  shades,
})

const BRUSH_SHAPES_ASKED = SETS.shapes ?? []

const LINES: readonly StartLine[] = [
  line('remover', 'make-up remover 200 ml', 'second-remover', 'suits'),
  line('cleanser', 'gentle cleanser 150 ml', 'second-remover', 'suits'),
  line('light-cream', 'light moisturiser, oil free gel 50 ml', 'suits'),
  line('rich-cream', 'rich moisturiser cream 50 ml', 'suits'),
  onEveryFace('lip-balm', 'lip balm'),
  inShades('neutral', 'neutral foundation 30 ml', 7, 'base', 'suits'),
  inShades('golden', 'golden foundation 30 ml', 5, 'base'),
  inShades('rosy', 'rosy foundation 30 ml', 5, 'base'),
  inShades('olive', 'olive foundation 30 ml', 3, 'base'),
  line('white', 'white adjuster 15 ml', 'base'),
  line('yellow', 'yellow adjuster 15 ml', 'base'),
  line('red', 'red adjuster 15 ml', 'base'),
  line('blue', 'blue adjuster 15 ml', 'base'),
  line('olive-drop', 'olive adjuster 15 ml', 'base'),
  inShades('concealer', 'cream concealer 5 g', 4, 'suits'),
  line('peach', 'peach corrector', 'cancels'),
  line('orange', 'orange corrector', 'cancels'),
  line('green', 'green corrector', 'cancels'),
  onEveryFace('powder', 'translucent loose powder', 'second-powder'),
  line('spray', 'setting spray', 'second-powder'),
  line('contour', 'contour powder taupe', 'contour'),
  line('highlighter', 'highlighter champagne', 'contour'),
  onEveryFace('blush-pink', 'powder blush pink'),
  onEveryFace('blush-coral', 'powder blush coral'),
  onEveryFace('blush-plum', 'powder blush plum'),
  onEveryFace('brow-light', 'brow pencil taupe'),
  onEveryFace('brow-dark', 'brow pencil dark brown'),
  onEveryFace('brow-gel', 'clear brow gel'),
  line('bone', 'eyeshadow bone matte', 'lids'),
  line('taupe', 'eyeshadow taupe matte', 'lids'),
  line('brown', 'eyeshadow brown matte', 'lids'),
  line('dark-brown', 'eyeshadow dark brown matte', 'lids'),
  line('grey', 'eyeshadow grey matte', 'lids'),
  line('black', 'eyeshadow black matte', 'lids'),
  line('pencil', 'black kohl pencil', 'second-liner'),
  line('liner', 'brown gel liner', 'second-liner'),
  onEveryFace('mascara', 'black mascara', 'second-mascara', 'suits'),
  line('waterproof', 'black waterproof mascara', 'second-mascara', 'tears'),
  line('lashes', 'false lashes, 5 pairs', 'lashes'),
  line('glue', '2 lash glues, latex free', 'lashes'),
  inShades('nude', 'nude lipstick', 6, 'nude-lip', 'suits'),
  line('stays', 'transfer-proof lipstick rose', 'transfer'),
  inShades('body', 'body make-up 50 ml', 4, 'body'),
  ...BRUSH_SHAPES_ASKED.map(shape => line(shape.replaceAll(' ', '-'), shape, 'brush-sets')),
  line('sponges', '5 make-up sponges', 'sponges'),
  line('palette', 'metal mixing palette', 'mixing'),
  line('spatula', 'metal spatula', 'off-a-pot'),
  line('wands', '50 mascara wands', 'wands'),
  line('applicators', '50 lip applicators', 'lips'),
  line('alcohol', '70 % alcohol 200 ml', 'disinfect'),
  line('hand-gel', 'hand gel 100 ml', 'hands'),
  line('brush-cleaner', 'brush cleanser 150 ml', 'brush-wash'),
  onEveryFace('rounds', '100 cotton rounds'),
  onEveryFace('buds', '200 cotton buds'),
  onEveryFace('tissues', 'box of tissues'),
  line('bags', 'rubbish bags', 'bin'),
  line('blotting', '100 blotting sheets', 'shine'),
  line('pins', 'safety pins', 'hem'),
  line('plasters', 'plasters', 'bleeds'),
  line('mints', 'mints', 'dry-mouth'),
  line('water', 'water bottle 500 ml', 'faints', 'dry-mouth'),
  line('snacks', 'cereal bars', 'faints'),
  line('cape', '2 capes', 'clothes'),
  line('light', 'ring light', 'dark'),
  line('mat', 'silicone mat', 'no-table'),
  line('consent', 'consent forms', 'receipt'),
  line('mirror', 'hand mirror', 'mirror'),
  line('comb', 'beard comb', 'beard'),
  line('trimmer', 'beard trimmer', 'beard'),
  line('tweezers', 'tweezers', 'trim'),
  line('scissors', 'scissors', 'trim', 'beard'),
]

const STANDARDS = new Map(SHIPPED_STANDARDS.map(s => [s.id, s]))

export const START_LISTS: readonly StartList[] = START_LIST_IDS.map(id => {
  const { name, meant, abilities } = STANDARDS.get(id)!
  const lines = LINES.map(l => ({ ...l, serves: abilities.filter(a => l.serves.includes(a.id)) }))
  return { id, name, meant, lines: lines.filter(l => l.onEveryFace || l.serves.length > 0) }
})
