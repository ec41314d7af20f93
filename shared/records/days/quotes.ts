import type { ClientLine, Quote } from '#core/money/quote'
import type { Settled } from '#core/money/settled'
import * as is from '../../checks/rules'

class QuoteExtra {
  @is.Name(120) what!: string
  @is.Minor() minor!: number
}

export const quoteInput = ({ quote, version }: { quote: QuoteInput; version: number }): QuoteInput => ({
  ...quote,
  extras: quote.extras.map(e => ({ ...e })),
  version,
})

/** What a quote is reckoned from, apart from plans and settings. */
export class QuoteInput {
  /** Whom it is for. */
  @is.Text(0, 120) client: string = ''
  /** There and back. */
  @is.Between(0, 50_000, 'km') km: number = 0
  @is.Whole(0, 10_000) travelMinutes: number = 0
  /** Tickets, tolls, parking. */
  @is.Minor() faresMinor: number = 0
  @is.Whole(0, 2880) standingByMinutes: number = 0
  /** At home: washing, refilling. */
  @is.Whole(0, 1440) cleaningMinutes: number = 45
  @is.Many(() => QuoteExtra, 20) extras: QuoteExtra[] = []
  /** Of this job; else one's own. */
  @is.Maybe() @is.Minor() hourMinor?: number | null
  @is.Maybe() @is.Between(0, 300, '%') marginPercent?: number | null
  /** What is asked of the client; else the least that is worth taking. */
  @is.Maybe() @is.Minor() feeMinor?: number | null
  @is.MadeFrom() version?: number
}

/** What a job costs and should bring; once it is closed, compared with what it did. */
export interface JobQuote {
  quote: Quote
  /** Faces whose plan cannot be made yet: reckoned as a usual face. */
  guessed: string[]
  /** Names of what goes on and has no price on record. */
  unpriced: string[]
  /** What the artist has not said the worth of: it counts as nothing. */
  unsaid: ('hour' | 'kilometre')[]
  settled: Settled | null
  /** What is asked for: as agreed, else the least that is worth taking. */
  feeMinor: number
  /** As the client reads it. */
  client: ClientLine[]
}
