import type { UNSAID, LookBrief, ShimmerPlace } from '../asked/brief'

/** A setting that words seem to ask for: proposed, never set by itself. */
export interface Proposal {
  set:
    | { field: Exclude<keyof LookBrief, 'shimmer'>; value: string }
    | { field: 'shimmer'; at: ShimmerPlace; value: string }
  /** The words it was read from. */
  words: string
}

type Field = Exclude<keyof LookBrief, 'shimmer'>
interface Reading {
  is: RegExp
  field: Field
  value: string
}
const reading = <F extends Field>(is: RegExp, field: F, value: Exclude<LookBrief[F], typeof UNSAID>): Reading => ({
  is,
  field,
  value,
})

// What is refused is read before what is asked for: "no liner" holds a liner.
const READINGS: readonly Reading[] = [
  reading(/\b(?:no|without|not) (?:any )?(?:glow|dewiness|shiny skin)\b|\bnot (?:too )?shiny\b/, 'glow', 'none'),
  reading(/\b(?:glow(?:y|ing)?|dewy|lit from within)\b/, 'glow', 'yes'),
  reading(/\b(?:no|without) (?:lipstick|lip colou?r|colou?r on (?:the |my )?lips)\b|\bbare lips?\b/, 'lip', 'bare'),
  reading(/\b(?:only|just) (?:a )?(?:lip )?balm\b|\bmy own lips\b/, 'lip', 'theirs'),
  reading(/\bnude lips?(?:tick)?\b|\blips?(?:tick)? (?:in )?nude\b/, 'lip', 'nude'),
  reading(/\b(?:berry|plum|wine)(?:[- ]coloured)? lips?(?:tick)?\b|\b(?:plum|berry) lip\b/, 'lip', 'plum'),
  reading(/\b(?:coral|peach(?:y)?) lips?(?:tick)?\b/, 'lip', 'coral'),
  reading(/\bbrown lips?(?:tick)?\b/, 'lip', 'brown'),
  reading(/\b(?:rose|rosy|pink) lips?(?:tick)?\b/, 'lip', 'rose'),
  reading(/\b(?:warm|orange|tomato|brick)[- ]red\b|\bbrick lip\b/, 'lip', 'warm red'),
  reading(
    /\b(?:cool|blue|cherry)[- ]red\b|\bred lips?(?:tick)?\b|\b(?:my|her|usual) (?:usual )?red\b/,
    'lip',
    'cool red',
  ),
  reading(/\b(?:matte) lips?(?:tick)?\b/, 'lipFinish', 'matte'),
  reading(/\b(?:gloss|glossy)\b/, 'lipFinish', 'gloss'),
  reading(/\b(?:no|without) (?:eye ?make-?up|eye ?shadow|eye colou?r)\b|\bbare eyes?\b/, 'eyes', 'bare'),
  reading(/\b(?:only|just) (?:a |the )?(?:line|liner)\b/, 'eyes', 'line only'),
  reading(/\bsmok(?:e)?y\b/, 'eyes', 'smoky'),
  reading(/\bsoft eyes?\b/, 'eyes', 'soft'),
  reading(/\b(?:no|without) (?:eye ?)?liner\b/, 'liner', 'none'),
  reading(/\b(?:wing|winged|flick)\b/, 'liner', 'wing'),
  reading(/\bbrown (?:eye ?)?liner\b/, 'liner', 'brown'),
  reading(/\b(?:black (?:eye ?)?(?:liner|line)|kohl)\b/, 'liner', 'black'),
  reading(/\b(?:leave|don.t touch|do not touch) (?:my |her |the )?(?:eye)?brows\b/, 'brows', 'leave'),
  reading(/\bfill(?:ed)?(?: in)? (?:my |her |the )?(?:eye)?brows\b|\b(?:eye)?brows filled\b/, 'brows', 'fill'),
  reading(/\b(?:no|without) (?:blush|cheek colou?r)\b/, 'cheeks', 'bare'),
  reading(/\b(?:bronzed|sun-?kissed|bronzer)\b/, 'cheeks', 'bronzed'),
  reading(/\b(?:sculpted|contour(?:ed)?|cheekbones)\b/, 'cheeks', 'sculpted'),
  reading(/\b(?:flushed|rosy cheeks|pink cheeks)\b/, 'cheeks', 'flushed'),
]

const NO_SHIMMER = /\b(?:no|without|not any|never) (?:any )?(?:shimmer|sparkle|glitter)\b/
const SOME_SHIMMER = /\b(?:a little|a touch of|a bit of|some|slight) (?:shimmer|sparkle|shine)\b/
const SHIMMER = /\b(?:shimmer(?:y|ing)?|sparkl(?:e|y)|glitter(?:y)?)\b/
const EVERYWHERE: readonly ShimmerPlace[] = ['eyes', 'cheeks', 'lips']
const NAMED: Readonly<Record<ShimmerPlace, RegExp>> = {
  eyes: /\b(?:eyes?|lids?)\b/,
  cheeks: /\b(?:cheeks?|cheekbones?|face)\b/,
  lips: /\b(?:lips?|mouth)\b/,
}

/** What the words about a look seem to ask for, for the artist to confirm. The first reading of each setting counts. */
export function proposalsFrom(text: string): Proposal[] {
  const found: Proposal[] = []
  for (const sentence of text.toLowerCase().split(/[.,;!?\n]+/)) {
    for (const { is, field, value } of READINGS) {
      const words = is.exec(sentence)?.[0]
      if (words && !found.some(p => p.set.field === field)) found.push({ set: { field, value }, words })
    }
    found.push(...shimmerIn(sentence, found))
  }
  return found
}

function shimmerIn(sentence: string, before: readonly Proposal[]): Proposal[] {
  const some = SOME_SHIMMER.exec(sentence)?.[0]
  const none = NO_SHIMMER.exec(sentence)?.[0]
  const words = some ?? none ?? SHIMMER.exec(sentence)?.[0]
  if (!words) return []
  const value = some ? 'a little' : none ? 'none' : 'yes'
  const named = EVERYWHERE.filter(place => NAMED[place].test(sentence))
  return (named.length > 0 ? named : EVERYWHERE)
    .filter(at => !before.some(p => p.set.field === 'shimmer' && p.set.at === at))
    .map(at => ({ set: { field: 'shimmer' as const, at, value }, words }))
}

/** The brief with a proposal taken into it. */
export const withProposal = (brief: LookBrief, { set }: Proposal): LookBrief =>
  set.field === 'shimmer'
    ? { ...brief, shimmer: { ...brief.shimmer, [set.at]: set.value } }
    : { ...brief, [set.field]: set.value }

/** Whether a brief says already what a proposal proposes. */
export const saysSo = (brief: LookBrief, { set }: Proposal): boolean =>
  (set.field === 'shimmer' ? brief.shimmer[set.at] : brief[set.field]) === set.value
