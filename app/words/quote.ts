import type { Cost, Hours, QuoteLine } from '#core/money/quote'
import type { JobQuote } from '#shared/records/days/quotes'

const WORDS: Readonly<Record<Cost | Hours, string>> = {
  products: 'What goes on',
  disposables: 'What is thrown away',
  wear: 'Wear of brushes and tools',
  travel: 'On the way',
  setUp: 'Setting up',
  faces: 'At the chair',
  standingBy: 'Standing by',
  packDown: 'Packing down',
  cleaning: 'Washing and refilling',
  distance: 'Distance',
  fares: 'Tickets, tolls, parking',
  extra: 'Extra',
}
export const quoteLineInWords = ({ of, what }: Pick<QuoteLine, 'of' | 'what'>): string => what ?? WORDS[of]

/** How much of it: hours and minutes, or kilometres. */
export function quantityOf({ of, quantity }: QuoteLine): string {
  if (quantity === null) return ''
  return of === 'distance' ? `${Math.round(quantity * 10) / 10}\u00a0km` : hoursInWords(quantity)
}
export function hoursInWords(minutes: number): string {
  const [h, m] = [Math.floor(minutes / 60), Math.round(minutes % 60)]
  return [h > 0 ? `${h}\u00a0h` : '', m > 0 || h === 0 ? `${m}\u00a0min` : ''].filter(Boolean).join(' ')
}

/** What the page answers: once the job is closed, what it brought. */
export function quoteInWords(
  { quote, feeMinor, settled, unsaid }: JobQuote,
  isAsked: boolean,
  money: (minor: number) => string,
): string {
  if (settled) {
    const hour = settled.hourMinor === null ? '' : `, ${money(settled.hourMinor)} an hour`
    return `${money(settled.paidMinor + settled.tipMinor)} came in; ${money(settled.earnedMinor)} of it is yours${hour}.`
  }
  if (!isAsked)
    return unsaid.includes('hour')
      ? `It costs you ${money(quote.costMinor)}, your own time not counted.`
      : `Not below ${money(quote.leastMinor)}.`
  const over = feeMinor - quote.leastMinor
  if (over === 0) return `${money(feeMinor)} asked: just worth taking.`
  return over > 0
    ? `${money(feeMinor)} asked: ${money(over)} above the least worth taking.`
    : `${money(feeMinor)} asked: ${money(-over)} below what it is worth taking for.`
}
