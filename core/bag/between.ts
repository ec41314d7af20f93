import type { FacePlan } from '../plan/described/describe'
import type { OwnedKind } from '../stock/things/kinds'
import { careOf } from '../hygiene/care'
import { kindInPack } from './counts'

/* What is done between two faces, in half a minute: hands, what is thrown away, what is set apart, what is wiped. */

// prettier-ignore
export const BETWEEN = ['hands', 'bin', 'apart', 'swap', 'scrape', 'sharpen', 'flush', 'wipe'] as const
export type Between = (typeof BETWEEN)[number]

export interface BetweenLine {
  do: Between
  /** Products or tools it is done to; empty for the hands. */
  what: string[]
}

// The top layer of what is taken out of these is taken off after each face.
const OPEN_SURFACE = ['pot', 'pan', 'stick']
const GUN = 'spray gun'
/** One clean one for each face: the next has another. */
const SWAPPED: readonly OwnedKind[] = ['sponge', 'puff', 'spoolie']

/** What the face that is done asks for before the next sits down, in the order it is done. */
export function betweenFaces({ layers, pack }: Pick<FacePlan, 'layers' | 'pack'>): BetweenLine[] {
  const named = (is: (layer: FacePlan['layers'][number]) => boolean) => [
    ...new Set(layers.filter(l => !l.item.own && is(l)).map(l => l.item.name)),
  ]
  const tools = pack.flatMap(word => {
    const kind = kindInPack(word)?.kind
    const care = kind && careOf(kind, null)
    return care ? [{ word, kind, care }] : []
  })
  // Two words for one thing, as for wands, are one thing.
  const isFirst = ({ kind }: (typeof tools)[number], i: number) =>
    kind === 'brush' || tools.findIndex(t => t.kind === kind) === i
  const thrown = tools.filter(t => t.care.endsWith('thrown away'))
  const apart = tools.filter(t => t.kind === 'brush')
  const swapped = tools.filter(t => SWAPPED.includes(t.kind) && !thrown.includes(t))
  const hard = tools.filter(t => !thrown.includes(t) && !apart.includes(t) && !swapped.includes(t))
  const words = (some: typeof tools) => some.filter(t => isFirst(t, tools.indexOf(t))).map(t => t.word)
  const all: Record<Between, string[]> = {
    hands: [],
    bin: words(thrown),
    apart: words(apart),
    swap: words(swapped),
    scrape: named(l => OPEN_SURFACE.includes(l.item.dispenser)),
    sharpen: named(l => l.item.dispenser === 'pencil'),
    flush: layers.some(l => l.tool === GUN) ? [GUN] : [],
    wipe: words(hard),
  }
  return BETWEEN.flatMap(act => (act === 'hands' || all[act].length > 0 ? [{ do: act, what: all[act] }] : []))
}
