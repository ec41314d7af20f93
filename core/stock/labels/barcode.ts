/* The number under the bars of a pack (GTIN-8, -12, -13, -14): its last figure checks the others. */

const LENGTHS = [8, 12, 13, 14]

/** The figure that belongs at the end, by the sum of the others weighted 3, 1, 3 … from the right (GS1 General Specifications, 7.9). */
export function checkDigit(withoutIt: string): number {
  const sum = [...withoutIt].reverse().reduce((total, figure, i) => total + Number(figure) * (i % 2 === 0 ? 3 : 1), 0)
  return (10 - (sum % 10)) % 10
}

/** What is wrong with a number as it was typed; null for one that is right. */
export function barcodeProblem(figures: string): string | null {
  if (!/^\d+$/.test(figures)) return 'a barcode is figures only'
  if (!LENGTHS.includes(figures.length))
    return `a barcode has 8, 12, 13 or 14 figures, this has ${figures.length}: is one missing?`
  return checkDigit(figures.slice(0, -1)) === Number(figures.at(-1))
    ? null
    : 'its last figure does not fit the others: look for a slip'
}

/** One number for one pack: 12 figures are 13 with a nought ahead. */
export const sameBarcode = (x: string, y: string): boolean => x.padStart(14, '0') === y.padStart(14, '0')
