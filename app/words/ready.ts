import { clockAfter, type ZonedDay } from '#core/schedule/clock'
import type { BagBuried, BagOver } from '#shared/records/days/bags'
import type { Check } from '#shared/records/days/ready'
import { kilos, litres } from './things'
import { capital, listInWords, plural } from './words'

/** What is still open before the day of a job, the morning included. */
export type ReadyCheck = Check | { is: 'morning'; lateBy: number; proven: boolean; opens: number; start: number }

/** What the page answers. */
export const readyInWords = (checks: readonly ReadyCheck[]): string =>
  checks.length === 0 ? 'Ready.' : `${capital(plural(checks.length, 'thing'))} before it is ready.`

const MOST_NAMED = 4
/** So many names, and how many more. */
export const someOf = (names: readonly string[]): string =>
  names.length <= MOST_NAMED + 1
    ? listInWords(names)
    : `${names.slice(0, MOST_NAMED).join(', ')} and ${names.length - MOST_NAMED} more`

/** A check as a heading and the reason for it. */
export function checkInWords(
  on: ZonedDay,
  check: ReadyCheck,
  money: (minor: number) => string,
  nameOf: (faceId: string) => string,
): { what: string; why: string } {
  switch (check.is) {
    case 'nobody':
      return { what: 'Nobody is booked', why: 'Without faces there is no plan, no morning and no bag.' }
    case 'no day':
      return { what: 'No day is agreed', why: 'Season, light and what is past its day depend on it.' }
    case 'unread':
      return {
        what: `${listInWords(check.faces.map(f => f.name))} not read yet`,
        why: 'A usual face is reckoned with until then.',
      }
    case 'unmatched':
      return {
        what: `No base for ${listInWords(check.faces.map(f => nameOf(f.faceId)))}`,
        why: 'Nothing that can be mixed from the kit comes near enough.',
      }
    case 'against': {
      const [one, ...more] = check.found
      return {
        what: `${nameOf(check.face.faceId)}: ${one!.item} on the agreed plan`,
        why: `${capital(one!.sentence)}${more.length > 0 ? `; and ${plural(more.length, 'more layer')} of it` : ''}.`,
      }
    }
    case 'lacking':
      return {
        what: `${plural(check.names.length, 'thing')} too few`,
        why: `${capital(someOf(check.names))}. ${
          check.onTheWay
            ? 'On the purchase list: it counts when it is received.'
            : check.sold > 0
              ? `${plural(check.sold, 'purchase')} for ${money(check.priceMinor)} would do.`
              : 'Nobody here sells any of it.'
        }`,
      }
    case 'bring':
      return {
        what: `${plural(check.names.length, 'thing')} to bring from home`,
        why: `${capital(someOf(check.names))}.`,
      }
    case 'out':
      return {
        what: `${plural(check.names.length, 'thing')} along that nobody asks for`,
        why: `${capital(someOf(check.names))}: ${kilos(check.massG)} carried for nothing.`,
      }
    case 'past':
      return {
        what: `${plural(check.names.length, 'thing')} in the bag for nothing`,
        why: `Empty or past the last day: ${someOf(check.names)}.`,
      }
    case 'heavy':
      return overInWords(check.over)
    case 'buried':
      return { what: 'What comes first lies at the bottom', why: check.buried.map(buriedInWords).join(' ') }
    case 'morning':
      return {
        what: check.proven ? 'The morning is too short' : 'No morning was found that fits',
        why: `You would have to begin at ${clockAfter(on, check.start)}, ${plural(check.lateBy, 'minute')} before you can be there.`,
      }
  }
}

export function overInWords({ name, overG, overMl, impossible }: BagOver): { what: string; why: string } {
  const by = [overG > 0 ? `${kilos(overG)} too heavy` : '', overMl > 0 ? `${litres(overMl)} too full` : ''].filter(
    Boolean,
  )
  const needed = impossible
    ? `What the plans need is ${[impossible.massG > 0 ? kilos(impossible.massG) : '', impossible.volumeMl > 0 ? litres(impossible.volumeMl) : ''].filter(Boolean).join(' and ')} too much by itself: decant, or take a second case.`
    : 'There are things in it that nobody’s plan needs.'
  return { what: `${name}: ${by.join(' and ')}`, why: needed }
}

export const buriedInWords = ({ place, isLoose, things, under }: BagBuried): string =>
  `${capital(someOf(things.map(t => t.name)))} ${things.length === 1 ? 'lies' : 'lie'} ${isLoose ? `loose in ${place}` : `in ${place}`}, under ${plural(under.length, 'pouch', 'pouches')} opened later.`
