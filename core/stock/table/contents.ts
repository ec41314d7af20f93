import { dayIn, levelIn, numberIn, priceIn, sizeIn } from './cells'
import type { Field } from './fields'

/* What a column means by what stands in it, where no heading says so. */

const filled = (values: readonly string[]) => values.map(v => v.trim()).filter(v => v !== '')
const MOST_OF = 0.8
const FEWEST = 2
const mostly = (values: readonly string[], is: (value: string) => boolean) =>
  values.length >= FEWEST && values.filter(is).length >= MOST_OF * values.length

/** Whether they only number the rows: 1, 2, 3. */
export function areRowNumbers(values: readonly string[]): boolean {
  const figures = filled(values).map(v => Number(v.replace(/[.)]$/, '')))
  return figures.length > FEWEST && figures.every((f, i) => f === figures[0]! + i) && figures[0]! <= 1
}

const LABEL = /^(?:[A-Za-z]{1,2}[ -]?\d{1,3}|0\d{1,2}|\d{3}|\d{1,3}[A-Za-z]{1,2})(?:[.,]5)?$/
/** Whether they are labels of shades: "02", "N20", "140", "3W"; or 10, 20, 30, which nobody has so many of. */
export function areLabels(values: readonly string[]): boolean {
  const own = filled(values)
  const areMany = new Set(own).size === own.length && mostly(own, v => Number(v) >= A_DOZEN)
  return areMany || mostly(own, v => LABEL.test(v))
}
const A_DOZEN = 10

const PRICED = /[€£$¥]|\b(EUR|GBP|USD|CHF|SEK|NOK|DKK|PLN|CZK)\b/
const FULL_OR_EMPTY = /%|\p{L}|\d\/\d/u
const MOST_PIECES = 99
const habits = { today: '2000-01-01', dayFirst: true }

/**
 * @param isHeadless whether no column has a heading: then bare figures mean something, too
 * @param taken meanings that another column has
 */
export function meantBy(values: readonly string[], isHeadless: boolean, taken: ReadonlySet<Field>): Field | null {
  const own = filled(values)
  const tests: readonly (readonly [Field, (value: string) => boolean])[] = [
    ['size', v => v.length < 12 && /^[\d.,½¼¾]/.test(v) && (sizeIn(v)?.measure ?? null) !== null],
    ['price', v => PRICED.test(v) && priceIn(v) !== undefined],
    ['level', v => v.length < 16 && FULL_OR_EMPTY.test(v) && levelIn(v) !== undefined],
    ['openedOn', v => numberIn(v) === undefined && dayIn(v, habits) !== undefined],
    ...(isHeadless && !areRowNumbers(values)
      ? ([
          ['shade', (v: string) => LABEL.test(v)],
          ['price', (v: string) => /^\d+[.,]\d{2}$/.test(v)],
          ['count', (v: string) => /^[1-9]\d?$/.test(v) && Number(v) <= MOST_PIECES],
        ] as const)
      : []),
  ]
  return tests.find(([field, is]) => !taken.has(field) && mostly(own, is))?.[0] ?? null
}
