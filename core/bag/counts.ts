import { broughtTo, isIdleAt, USUAL_VENUE, type Venue } from './venue'
import { BRUSH_SHAPES, sortOfKind, type BrushShape, type OwnedKind } from '../stock/things/kinds'

/* What a day takes besides products that go on, in counts: a clean set for each face, disposables, what stands on the table. */

/** What is counted: brushes by their shape, everything else by its kind. */
export interface Counted {
  kind: OwnedKind
  shape: BrushShape | null
}

interface PerFace extends Counted {
  /** Of one face. */
  each: number
}
const of = (kind: OwnedKind, each: number): PerFace => ({ kind, shape: null, each })

// What plans name that they take, as it is owned; what is washed or wiped is one for the whole day, see PER_JOB.
const TAKEN: Readonly<Record<string, PerFace>> = {
  ...Object.fromEntries(BRUSH_SHAPES.map(shape => [shape, { kind: 'brush' as const, shape, each: 1 }])),
  'cotton rounds': of('cotton rounds', 4),
  'spoolie': of('spoolie', 1),
  'sponge': of('sponge', 1),
  'latex-free sponge': of('sponge', 1),
  'body sponge': of('sponge', 1),
  'latex-free body sponge': of('sponge', 1),
  'puff': of('puff', 1),
  'latex-free puff': of('puff', 1),
  'spatula': of('spatula', 1),
  'mascara wands': of('mascara wands', 2),
  'disposable wands': of('mascara wands', 2),
  'lip applicator': of('lip applicators', 2),
  'lash pair': of('lashes', 1),
  'blotting sheets': of('blotting sheets', 2),
  'single-use blade if they shave': of('disposable blades', 1),
  'disposable sponges and buds': of('disposable sponges', 2),
}
/** On every face, whatever its plan. */
const ALWAYS: readonly PerFace[] = [of('cotton buds', 4), of('tissues', 6)]
/** Once for the whole day: shared, wiped or washed between faces. */
const PER_JOB: readonly OwnedKind[] = [
  'mixing palette',
  'mat',
  'hand gel',
  'mirror',
  'rubbish bags',
  'light',
  'power',
  'capes',
  'clip',
  'paperwork',
  'first-aid box',
  'water',
]
/** Of what is there for the whole day, what one day does not use up. */
const LASTS: readonly OwnedKind[] = ['capes', 'first-aid box', 'hand gel', 'paperwork', 'rubbish bags']
/** Whether a day takes it for good: so much of it is gone. */
export const isUsedUp = (kind: OwnedKind): boolean => sortOfKind(kind) === 'supply' && !LASTS.includes(kind)
const FOR_SOME: Readonly<Record<string, OwnedKind>> = {
  'tweezers': 'tweezers',
  'lash scissors': 'scissors',
  'small scissors': 'scissors',
  'sharpener': 'sharpener',
  'beard comb': 'comb',
  'trimmer': 'trimmer',
}
/** What a word of a plan's pack is, as it is owned; undefined for what is not counted. */
export function kindInPack(word: string): Counted | undefined {
  const kind = FOR_SOME[word] ?? PER_JOB.find(k => k === word)
  return TAKEN[word] ?? (kind && { kind, shape: null })
}
/** Millilitres of 70 % alcohol: so much for the day, and for each face. */
const ALCOHOL = { job: 30, face: 15 }
/** Of what is torn or lost. */
const SPARE_LASHES = 0.2

export interface Count extends Counted {
  need: number
  /** What plans call it, where its kind says less. */
  word?: string
  /** Of one face; 0 for the day as a whole, and for what those who need it share. */
  each: number
  measure: 'piece' | 'ml'
  /** Ids of the faces it is for; empty for the day as a whole. */
  faces: string[]
}

const keyOf = ({ kind, shape }: Counted) => shape ?? kind

/**
 * What a party takes of tools and supplies, by what their plans name.
 * @param packs of each face what its plan takes out of the bag
 * @param venue what there is where they are made up
 * @param own how much more of a supply the artist takes than is usual, see ownUse.ts
 */
export function countsOf(
  packs: readonly { id: string; pack: readonly string[] }[],
  venue: Venue = USUAL_VENUE,
  own: ReadonlyMap<OwnedKind, number> = NOTHING_OWN,
): Count[] {
  const counts = new Map<string, Count>()
  const add = (what: Counted, each: number, face: string | null) => {
    const key = keyOf(what)
    const known = counts.get(key) ?? { kind: what.kind, shape: what.shape, need: 0, each, measure: 'piece', faces: [] }
    known.need += each
    if (face !== null && !known.faces.includes(face)) known.faces.push(face)
    counts.set(key, known)
  }
  for (const { id, pack } of packs) {
    // Two words for one thing, as a sponge and its latex-free twin, are one thing.
    const own = new Map<string, PerFace>()
    for (const word of pack) {
      const taken = TAKEN[word]
      if (taken) own.set(keyOf(taken), taken)
    }
    for (const what of [...own.values(), ...ALWAYS]) add(what, what.each, id)
  }
  const lashes = counts.get('lashes')
  if (lashes) lashes.need = Math.ceil(lashes.need * (1 + SPARE_LASHES) - 1e-9)
  const some = new Map<OwnedKind, { faces: string[]; word: string }>()
  for (const { id, pack } of packs)
    for (const word of pack) {
      const kind = FOR_SOME[word]
      if (kind) some.set(kind, { word, faces: [...(some.get(kind)?.faces ?? []), id] })
    }
  for (const [kind, { faces, word }] of some)
    counts.set(kind, {
      word,
      kind,
      shape: null,
      need: 1,
      each: 0,
      measure: 'piece',
      faces: [...new Set(faces)],
    })
  if (packs.length > 0) {
    const forTheDay = (kind: OwnedKind, need: number) =>
      counts.set(kind, {
        ...{ kind, shape: null, each: 0, measure: 'piece', faces: [] },
        need: need + (counts.get(kind)?.need ?? 0),
      })
    for (const kind of PER_JOB) if (!isIdleAt(venue, kind)) forTheDay(kind, 1)
    for (const { kind, day, face } of broughtTo(venue)) forTheDay(kind, day + face * packs.length)
    counts.set('alcohol', {
      kind: 'alcohol',
      shape: null,
      need: ALCOHOL.job + ALCOHOL.face * packs.length,
      each: 0,
      measure: 'ml',
      faces: [],
    })
  }
  return [...counts.values()].map(count => {
    const factor = isUsedUp(count.kind) ? (own.get(count.kind) ?? 1) : 1
    const need = count.need * factor
    return { ...count, each: count.each * factor, need: count.measure === 'piece' ? Math.ceil(need - 1e-9) : need }
  })
}
const NOTHING_OWN: ReadonlyMap<OwnedKind, number> = new Map()
