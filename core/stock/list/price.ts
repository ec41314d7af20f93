/* What something cost, as a line says it; the rest of the line is read without it. */

export interface PriceSaid {
  /** In units of the currency, for one or for all: a line rarely says. */
  price: number | null
  /** The line without it. */
  rest: string
}

const SUM = String.raw`\d{1,3}(?:[.,' ]\d{3})*(?:[.,]\d{1,2})?|\d+(?:[.,]\d{1,2})?`
const SIGN = String.raw`£|€|\$|¥|\b(?:EUR|GBP|USD|CHF|PLN|SEK|DKK|NOK)\b`
const AFTER = String.raw`£|€|\$|¥|zł|kč|(?:EUR|euros?|GBP|USD|CHF|PLN|SEK|DKK|NOK|kr|pounds|quid|dollars)\b`
const EACH = String.raw`(?:\s*(?:each|ea\.?|apiece|pro Stück|je|stück|pièce|chacune?|/\s?(?:pc|piece|stk)))?`
const BEFORE = new RegExp(`(?:${SIGN})\\s?(${SUM})(?![\\d])${EACH}`, 'iu')
const BEHIND = new RegExp(`(?<![\\d.,])(${SUM})\\s?(?:${AFTER})${EACH}`, 'iu')
// "18,90" with nothing behind it is no size: nobody weighs a lipstick to a hundredth of nothing.
const BARE = /(?<![\d.,:/])(\d{1,4}[.,]\d{2})(?![\d.,/]|\s?(?:ml|cl|l|g|gr|kg|oz|fl|mm|cm|%)\b|\s?%)/iu

const valueOf = (sum: string): number => {
  const close = sum.replace(/[' ]/g, '')
  const cents = /[.,](\d{1,2})$/.exec(close)
  const whole = (cents ? close.slice(0, cents.index) : close).replace(/[.,]/g, '')
  return Number(`${whole}.${cents?.[1] ?? '0'}`)
}

export function priceSaid(text: string): PriceSaid {
  for (const way of [BEFORE, BEHIND, BARE]) {
    const found = way.exec(text)
    const price = found ? valueOf(found[1]!) : Number.NaN
    if (!found || !Number.isFinite(price)) continue
    const rest = `${text.slice(0, found.index)} ${text.slice(found.index + found[0].length)}`
    return { price, rest: rest.replace(/\(\s*\)/g, ' ').replace(/\s[–—-]\s*(?=$|[,;–—-])/gu, ' ') }
  }
  return { price: null, rest: text }
}
