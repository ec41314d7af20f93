import type { ClientLine, Quote } from '#core/money/quote'
import type { Settled } from '#core/money/settled'
import { Between, MadeFrom, Many, Maybe, Minor, Name, Text, Whole } from '../checks/rules'

class QuoteExtra {
  @Name(120) what!: string
  @Minor() minor!: number
}

export const quoteInput = ({ quote, version }: { quote: QuoteInput; version: number }): QuoteInput => ({
  ...quote,
  extras: quote.extras.map(e => ({ ...e })),
  version,
})

/** What a quote is reckoned from, apart from plans and settings. */
export class QuoteInput {
  /** Whom it is for. */
  @Text(0, 120) client: string = ''
  /** There and back. */
  @Between(0, 50_000, 'km') km: number = 0
  @Whole(0, 10_000) travelMinutes: number = 0
  /** Tickets, tolls, parking. */
  @Minor() faresMinor: number = 0
  @Whole(0, 2880) standingByMinutes: number = 0
  /** At home: washing, refilling. */
  @Whole(0, 1440) cleaningMinutes: number = 45
  @Many(() => QuoteExtra, 20) extras: QuoteExtra[] = []
  /** Of this job; else one's own. */
  @Maybe() @Minor() hourMinor?: number | null
  @Maybe() @Between(0, 300, '%') marginPercent?: number | null
  /** What is asked of the client; else the least that is worth taking. */
  @Maybe() @Minor() feeMinor?: number | null
  @MadeFrom() version?: number
}

/** What a job costs and should bring; once it is closed, compared with what it did. */
export interface JobQuote {
  quote: Quote
  /** Faces whose plan cannot be made yet: reckoned as a usual face. */
  guessed: string[]
  /** Names of what goes on and has no price on record. */
  unpriced: string[]
  settled: Settled | null
  /** What is asked for: as agreed, else the least that is worth taking. */
  feeMinor: number
  /** As the client reads it. */
  client: ClientLine[]
}
