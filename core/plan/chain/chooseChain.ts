import type { Candidate } from '../question/candidate'
import { bestChain, bestOfEach } from '../layers/chain'
import type { Filled } from '../candidates/filled'
import { meetsAs, rangesThatMeet, seamBetween } from '../layers/layering'
import type { PlanSettings } from '../../asked/settings'
import { slotPlan } from '../../asked/slots'

/**
 * What goes in each place, chosen together. Grounds do not meet, but for eye care under concealer: so each ground is a chain of its
 * own, and the skin's is chosen once for every kind of eye care the kit has.
 */
export function chooseChain(filled: readonly Filled[], settings: PlanSettings): Map<string, Candidate | null> {
  const slotOf = new Map(filled.flatMap(f => f.place.options.map(o => [o.what, f.use.slot] as const)))
  const cost = (under: Candidate, over: Candidate) =>
    seamBetween({ item: under.item, slot: slotOf.get(under)! }, { item: over.item, slot: slotOf.get(over)! }, settings)
      ?.cost ?? 0
  const ranges = rangesThatMeet(
    filled.map(f => f.place.options.map(o => o.what.item)),
    settings.paletteTests,
  )
  const kinds = new Map([...slotOf].map(([what, slot]) => [what, meetsAs(what.item, slot, ranges)]))
  const meets = (what: Candidate) => kinds.get(what)
  const on = (ground: string) => filled.filter(f => slotPlan(f.use.slot).ground === ground)
  const chain = (places: readonly Filled[]) => {
    const best = bestChain(
      places.map(f => f.place),
      cost,
      meets,
    )
    const chosen = (f: Filled, i: number) => {
      const pick = best?.picks[i]
      return pick === null || pick === undefined ? null : f.place.options[pick]!.what
    }
    return { worth: best?.worth ?? -Infinity, chosen: places.map((f, i) => [f.use.key, chosen(f, i)] as const) }
  }
  const eyeCare = filled.find(f => f.use.slot === 'eye care')
  const first: (Candidate | null)[] = eyeCare
    ? [
        ...(eyeCare.place.empty === -Infinity ? [] : [null]),
        ...bestOfEach(eyeCare.place.options, meets).map(i => eyeCare.place.options[i]!.what),
      ]
    : [null]
  const skinAndEyes = first
    .map(care => {
      const eyes = chain(on('eyes').map(f => (f === eyeCare ? only(f, care) : f)))
      const skin = chain(
        on('skin').map(f => (f.use.slot === 'concealer' && care ? dearer(f, option => cost(care, option)) : f)),
      )
      return { worth: eyes.worth + skin.worth, chosen: [...eyes.chosen, ...skin.chosen] }
    })
    .reduce((x, y) => (y.worth > x.worth ? y : x))
  return new Map([...skinAndEyes.chosen, ...['lips', 'lashes', 'brows', 'body'].flatMap(g => chain(on(g)).chosen)])
}

const only = (f: Filled, care: Candidate | null): Filled => ({
  ...f,
  place: { ...f.place, options: f.place.options.filter(o => o.what === care), empty: care ? -Infinity : f.place.empty },
})
const dearer = (f: Filled, by: (c: Candidate) => number): Filled => ({
  ...f,
  place: { ...f.place, options: f.place.options.map(o => ({ ...o, worth: o.worth - by(o.what) })) },
})
