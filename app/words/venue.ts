import { AT_ONCE_G, type Venue } from '#core/bag/venue'
import type { BagVenue } from '#shared/records/days/bags'
import { kilos } from './things'
import { listInWords, plural } from './words'

/** What is out of the ordinary where a job is; nothing where nothing is. */
export function venueInWords({ stairs, power, water, table }: Venue): string {
  const lacks = [power || 'power', water || 'running water', table || 'table'].filter(l => l !== true)
  return [...lacks.map(l => `no ${l}`), ...(stairs > 0 ? [`${plural(stairs, 'flight')} of stairs, no lift`] : [])].join(
    ', ',
  )
}

/** What is minded because of where a job is, a sentence each. */
export function mindedInWords({ stairs, charge, noWater, noTable }: BagVenue): string[] {
  const said: string[] = []
  if (stairs) {
    const { flights, massG, goes, minutes, tooHeavy } = stairs
    said.push(
      `${kilos(massG)} go up ${plural(flights, 'flight')} of stairs ${goes === 1 ? 'in one go' : `in ${goes} goes`}: about ${minutes} min before the set-up, and again after.`,
    )
    if (tooHeavy.length > 0)
      said.push(
        `${listInWords(tooHeavy.map(t => `${t.name} with ${kilos(t.massG)}`))} ${tooHeavy.length === 1 ? 'is' : 'are'} more than the ${kilos(AT_ONCE_G)} we reckon for one person: carry the pouches up by themselves, or have help. Local rules for lifting go before this.`,
      )
  }
  if (charge.length > 0)
    said.push(
      `No power there: ${listInWords(charge)} ${charge.length === 1 ? 'has' : 'have'} to run on a battery, charged the evening before.`,
    )
  if (noWater)
    said.push(
      'No running water there: wipes for hands and a second bottle are reckoned with; what was used comes home in the closed bag, and is washed there.',
    )
  if (noTable)
    said.push('No table there: you work out of a belt or a roll, and a second cover lies under the open case.')
  return said
}
