import countryToCurrency from 'country-to-currency'

/**
 * The currency of the region that a browser asks from: a proposal, as long as the artist has not said hers.
 * @param languages as a browser sends them, "de-AT,de;q=0.9"
 * @returns an ISO 4217 code; empty where nothing says a region
 * @example currencyOf('en-GB,en;q=0.9') // 'GBP'
 */
export function currencyOf(languages: string | null | undefined): string {
  const [first = ''] = (languages ?? '').split(',')
  try {
    const { region } = new Intl.Locale(first.split(';')[0]!.trim()).maximize()
    const known: Readonly<Record<string, string | undefined>> = countryToCurrency
    return known[region ?? ''] ?? ''
  } catch {
    // "*", or no language at all.
    return ''
  }
}
