import type { JobWrap, Incident, ReactionWord } from '#shared/records/days/wraps'
import { listInWords, plural } from './words'

export const WENT_WORDS: Readonly<Record<Incident, string>> = {
  'ran out': 'Ran out',
  'nearly out': 'Nearly out',
  'left behind': 'Left behind',
  'broken': 'Broken',
}

export const WRONG_WORDS: Readonly<Record<ReactionWord, string>> = {
  reaction: 'They reacted',
  disliked: 'It did not hold',
}
/** Things along, and each pan of a palette, as they are chosen from. */
export const choicesAlong = (along: JobWrap['along']): { value: string; title: string }[] =>
  along.flatMap(t => [
    { value: t.unitId, title: t.name },
    ...t.pans.map(p => ({ value: keyAlong({ unitId: t.unitId, fillId: p.fillId }), title: `${p.name}, in ${t.name}` })),
  ])

/** The name of a thing or pan among the choices. */
export const keyAlong = ({ unitId, fillId }: { unitId: string; fillId?: string | null }): string =>
  fillId ? `${unitId} ${fillId}` : unitId

/** What the page answers. */
export function wrapInWords({ faces, taken, wash, refill, buy }: JobWrap, closed: boolean): string {
  if (!closed) {
    const planned = faces.filter(f => f.planned).length
    return `${plural(planned, 'face')} as planned, ${plural(taken.length, 'thing')} used: close it?`
  }
  const brushes = wash.reduce((all, w) => all + w.count, 0)
  const parts = [
    brushes > 0 ? `${brushes} to wash` : '',
    refill.length > 0 ? `${refill.length} to refill from home` : '',
    buy.length > 0 ? `${buy.length} to buy` : '',
  ].filter(Boolean)
  return parts.length === 0 ? 'Closed, and nothing left to do.' : `Closed: ${listInWords(parts)}.`
}
