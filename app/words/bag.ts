import type { Breaks, Reason } from '#core/bag/bag'
import type { Handling } from '#core/bag/handle'
import type { BagDecant, BagFull, BagLack, BagLine, BagOut, BagPlace, JobBag } from '#shared/records/days/bags'
import { howMuch } from './together'
import { kilos } from './things'
import { capital, listInWords, plural } from './words'

/** What the page answers. */
export function bagInWords({ goes, lacking, takeOut, faces, places }: JobBag): string {
  if (faces.length === 0) return 'Nobody is booked yet.'
  const bring = goes.filter(g => !g.isAlong).length
  const parts = [
    bring > 0 ? `${bring} to bring` : '',
    takeOut.length > 0 ? `${takeOut.length} to take out` : '',
    lacking.length > 0 ? `${lacking.length} not there` : '',
  ].filter(Boolean)
  const mass = places.filter(p => p.depth === 0).reduce((all, p) => all + p.packed.massG, 0)
  return `${plural(goes.length, 'thing')}, ${kilos(mass)}: ${parts.length === 0 ? 'packed as it should be' : listInWords(parts)}.`
}

export const CARRYING_WORDS = [
  ['lean', 'Lean'],
  ['ready for nearly anyone', 'Ready for nearly anyone'],
  ['everything', 'Everything'],
] as const

const WHY: Readonly<Record<Reason, string>> = {
  plans: 'somebody’s plan takes it',
  day: 'the day takes it',
  spare: 'a second one: the job stops where the only one fails',
  core: 'core kit',
  everything: 'because everything goes',
}
export const goesBecause = ({ why }: Pick<BagLine, 'why'>): string => WHY[why]

export const HANDLING_WORDS: Readonly<Record<Handling, string>> = {
  'fragile': 'fragile: padded, not at the front of the case',
  'upright': 'upright, its cap on tape',
  'flammable': 'flammable: away from heat, and a word to whoever carries it',
  'not in a cabin': 'not in a cabin by the usual rules: hold luggage, or ask the airline',
}

/** Exactly what breaks without a thing, a sentence each; nothing where nothing does. */
export function breaksInWords({ needs, spare }: Breaks, nameOf: (faceId: string) => string): string[] {
  return [
    ...needs.map(n =>
      n.forTheDay
        ? `Too little ${n.name} for the day.`
        : `${listInWords(n.faces.map(nameOf))} ${n.faces.length === 1 ? 'goes' : 'go'} without: ${n.name}.`,
    ),
    ...(spare ? [`No second ${spare} where the one fails.`] : []),
  ]
}

const OUT: Readonly<Record<BagOut['why'], string>> = {
  'not asked for': 'nobody’s plan asks for it',
  'past its day': 'past its last day',
  'empty': 'empty',
  'stays at home': 'stays at home this time',
}
export const outBecause = ({ why }: Pick<BagOut, 'why'>): string => OUT[why]

/** What there is too little of, and for whom. */
export function lackInWords(l: BagLack, nameOf: (faceId: string) => string): string {
  const unit = l.measure === 'ml' || l.measure === 'g' ? l.measure : ''
  const whom =
    l.forTheDay || l.faces.length === 0 ? '' : ` ${capital(listInWords(l.faces.map(nameOf)))} would go without.`
  return `${howMuch(l.need, unit)} needed, ${howMuch(l.short, unit)} short.${whom}`
}

/** One line of a packing list. */
export const packedInWords = ({ name, count }: { name: string; count: number }): string =>
  count > 1 ? `${count} × ${name}` : name

/** What of a pouch lies elsewhere. */
export function easedInWords({ move }: BagFull, places: readonly BagPlace[]): string {
  const placeOf = (id: string) => {
    const place = places.find(p => p.id === id)
    return `${place?.depth === 0 ? 'loose in' : 'in'} ${place?.name ?? 'another pouch'}`
  }
  if (move.length === 0)
    return 'Nothing that is along already can be moved: bring the rest first, or leave something at home.'
  const byPlace = new Map<string, string[]>()
  for (const m of move) byPlace.set(m.to, [...(byPlace.get(m.to) ?? []), packedInWords(m)])
  const parts = [...byPlace].map(
    ([id, names]) => `${listInWords(names)} ${names.length === 1 ? 'lies' : 'lie'} as well ${placeOf(id)}`,
  )
  return `${capital(parts.join('; '))}.`
}

/** What small vessels save. */
export function decantInWords(all: readonly BagDecant[]): string {
  const saved = all.reduce((g, d) => g + d.savesG, 0)
  return `${kilos(saved)} lighter: as much as the day takes, and half as much again. The ${all.length === 1 ? 'bottle stays' : 'bottles stay'} at home.`
}
export const vesselInWords = ({ amount, size, measure, savesG, forCabin }: BagDecant): string =>
  `${howMuch(amount, measure)} in one of ${size}, ${forCabin ? 'for the cabin' : `${kilos(savesG)} lighter`}`
/** Cautions about all of them, each once. */
export const carefulInWords = (all: readonly BagDecant[]): string =>
  [...new Set(all.flatMap(d => d.mind))].map(m => `${capital(m)}.`).join(' ')
