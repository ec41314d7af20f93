import { currencyOf } from './currency'

it.each([
  ['en-GB,en;q=0.9', 'GBP'],
  ['de', 'EUR'],
  ['de-CH;q=0.8,fr', 'CHF'],
  ['pt-BR', 'BRL'],
  ['zh-Hant-TW', 'TWD'],
  ['*', ''],
  ['', ''],
  ['no language, really', ''],
  [null, ''],
])('a browser that asks for %s is shown sums in %s', (languages, currency) => {
  expect(currencyOf(languages)).toBe(currency)
})
