import type { JobFacts } from '#core/asked/job'
import type { Forecast } from '#shared/records/days/forecasts'
import type { BaseOffer } from '#core/plan/bases'
import type { FacePlan, Layer } from '#core/plan/facePlan'
import type { Finding } from '#core/suitability/finding'
import { mainReasons } from '#core/suitability/reasons'
import { typesOf, ZONES, type FaceFacts, type Zone, type ZoneState } from '#core/asked/face'

/** What the day asks, in a breath: "stage, 10 h, heat, flash". */
export function occasionInWords(job: JobFacts): string {
  return [
    job.type,
    `${job.hours} h`,
    job.heat && 'hot lights',
    job.humidity && 'humid',
    job.flash && 'flash',
    job.highDefinition && 'close camera',
    job.tears && 'tears',
    job.costumeChanges && 'costume changes',
    job.outdoors && 'outdoors',
    job.limbs > 0 && `${job.limbs} limbs`,
  ]
    .filter(Boolean)
    .join(', ')
}

/** The weather of a day: "31 °C, 74 % humid, rain, by the simulated forecast". */
export const forecastInWords = ({ temperatureC, humidityPercent, rain }: Forecast): string =>
  `${temperatureC} °C, ${humidityPercent} % humid, ${rain ? 'rain' : 'dry'}, by the simulated forecast.`

/** States worth a word in the headline. */
const TOLD: Partial<Record<ZoneState, (zone: Zone) => string>> = {
  'textured': () => 'open pores',
  'redness': () => 'redness',
  'dark circles': () => 'dark circles',
  'broken': zone => `broken on the ${zone}`,
  'sunburnt': () => 'sunburnt',
  'flaky': () => 'flaky',
  'reactive': () => 'reactive',
  'blemish-prone': () => 'blemishes',
  'signs of infection': zone => `signs of infection: ${zone}`,
}

/** What is special about this skin, for the headline. */
export function skinInWords(face: Pick<FaceFacts, 'zones' | 'skinType' | 'ageBand'>): string {
  const { centre, cheeks } = typesOf(face)
  const type = centre !== cheeks ? `${centre} through the centre, ${cheeks} on the cheeks` : `${face.skinType} skin`
  const age = face.ageBand === 'mature' || face.ageBand === 'child' ? `${face.ageBand}, ` : ''
  const seen = ZONES.flatMap(zone => (face.zones[zone]?.states ?? []).map(state => TOLD[state]?.(zone))).filter(
    s => s !== undefined,
  )
  return [age + type, ...new Set(seen)].slice(0, 3).join(', ')
}

/** What a mix is as a product, and which wishes it does not meet: "As asked: medium cover, natural, lasts 8 h, water". */
export function formulaInWords({
  coverage,
  finish,
  wearHours,
  family,
  gaveWay,
}: Pick<BaseOffer, 'coverage' | 'finish' | 'wearHours' | 'family' | 'gaveWay'>): string {
  const said = (word: string) => !gaveWay.some(g => g.startsWith(`${word} `))
  const is = [
    said(`${coverage} cover`) && `${coverage} cover`,
    said(finish) && finish,
    wearHours !== null && `lasts ${wearHours} h`,
    family !== 'unknown' && family,
  ].filter(Boolean)
  return gaveWay.length > 0 ? [...gaveWay, ...is].join(', ') : `as asked: ${is.join(', ')}`
}

// These are shown elsewhere already: next to the colour, or as a wish that is not met.
const SAID_ELSEWHERE: readonly string[] = ['match', 'wishes', 'recipe']
const WORTH_SAYING = -1
/** What speaks most against something, where it is worth a word. */
export function priceInWords(findings: readonly Finding[]): string {
  const by = ({ effect }: Finding) => (effect.is === 'weight' ? effect.by : 0)
  const [worst] = findings.filter(f => !SAID_ELSEWHERE.includes(f.rule)).sort((x, y) => by(x) - by(y))
  return worst && by(worst) <= WORTH_SAYING ? worst.sentence : ''
}

/** A base as it was asked for: "full cover, matte". */
export const askedInWords = ({ coverage, finish }: Pick<FaceFacts, 'coverage' | 'finish'>): string =>
  `${coverage} cover, ${finish}`

/** The reasons that weigh most, as one line; the rest unfolds. */
export function reasonInWords(findings: readonly Finding[], asked: readonly string[] = [], most = 2): string {
  return mainReasons(findings, asked, most).join('; ')
}

/** "+2", "−1.5", "never" or nothing: what a finding does. */
export function effectInWords({ effect }: Finding): string {
  if (effect.is === 'veto') return effect.of === 'harm' ? 'never' : 'not chosen'
  if (effect.is === 'note' || effect.by === 0) return ''
  return `${effect.by > 0 ? '+' : '−'}${Math.abs(effect.by)}`
}

/** An amount as an artist measures it. */
export function amountInWords({ value, unit }: Layer['amount']): string {
  if (unit === 'pair') return value === 1 ? 'one pair' : `${value} pairs`
  return `${Number(value.toFixed(2))} ${unit}`
}

export const minutesInWords = ({ full, short }: FacePlan['minutes']) =>
  short < full ? `${full} minutes, ${short} when late` : `${full} minutes`
