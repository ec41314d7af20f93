import type { OwnUse } from '#core/bag/ownUse'
import type { Stock } from '#core/bag/together'
import { dilute } from '#core/hygiene/dilute'
import type { JobTogether } from '#shared/records/days/together'
import { capital, listInWords, plural } from './words'

/** One thing of a day that there is more or less of. */
export interface TogetherLine extends Stock {
  key: string
  name: string
  unit: string
  need: number
  faces: string[]
  isBrush: boolean
  isBottle: boolean
}

const SAME = 1e-6
const rounded = (n: number, unit: string) =>
  unit === '' ? Math.round(n) : n < 1 ? Math.ceil(n * 100 - SAME) / 100 : Math.round(n * 10) / 10
export const howMuch = (n: number, unit: string) => `${rounded(n, unit)}${unit && `\u00a0${unit}`}`

/** Everything of a day as lines, in the order of what is scarcest. */
export function linesTogether({ bottles, counts }: JobTogether): TogetherLine[] {
  const lines = [
    ...counts.map((c): TogetherLine => ({
      key: c.shape ?? c.kind,
      name: capital(c.shape ?? c.kind),
      unit: c.measure === 'ml' ? 'ml' : '',
      need: c.need,
      along: c.along,
      elsewhere: c.elsewhere,
      faces: c.faces,
      isBrush: c.shape !== null,
      isBottle: false,
    })),
    ...bottles.map((b): TogetherLine => ({
      key: b.productId,
      name: b.name,
      unit: b.measure === 'piece' || b.measure === 'pair' ? '' : b.measure,
      need: b.need,
      along: b.along,
      elsewhere: b.elsewhere,
      faces: b.faces,
      isBrush: false,
      isBottle: true,
    })),
  ]
  return lines.sort((x, y) => x.along / x.need - y.along / y.need)
}
export const isShort = (l: TogetherLine) => l.need > l.along + l.elsewhere + SAME
export const isToBring = (l: TogetherLine) => !isShort(l) && l.need > l.along + SAME

/** What the page answers. */
export function togetherInWords(all: JobTogether, nameOf: (id: string) => string): string {
  const lines = linesTogether(all)
  const [short, bring] = [lines.filter(isShort).length, lines.filter(isToBring).length]
  const faces = plural(all.faces.length, 'face')
  const bare = all.unmatched.length > 0 ? `no base matches ${listInWords(all.unmatched.map(nameOf))}` : ''
  if (short > 0)
    return `${capital([bare, `${plural(short, 'thing runs', 'things run')} short for ${faces}`].filter(Boolean).join(', and '))}.`
  if (bare) return `${capital(bare)}; of the rest there is enough.`
  return bring > 0
    ? `There is enough for ${faces}; ${plural(bring, 'thing')} to bring along.`
    : `Everything for ${faces} is along.`
}

const DISINFECTS = 70
/** How the alcohol that is missing is made of one that is too strong; empty where there is none, or not enough. */
export function thinnedInWords(l: TogetherLine, { tooStrong }: JobTogether): string {
  if (l.key !== 'alcohol' || !tooStrong) return ''
  const { stockMl, waterMl } = dilute(tooStrong.percent, DISINFECTS, l.need - l.along - l.elsewhere)
  return stockMl > tooStrong.ml
    ? ''
    : `Or mix it: ${howMuch(stockMl, 'ml')} of the ${tooStrong.percent} % filled up with ${howMuch(waterMl, 'ml')} of distilled water is ${DISINFECTS} %. Away from flames and hot tools; date and label it.`
}

/** What to do about something there is not enough of. */
export function shortInWords(l: TogetherLine): string {
  const there = l.along + l.elsewhere
  const lacks = howMuch(l.need - there, l.unit)
  if (l.isBrush)
    return there === 0
      ? `${plural(l.faces.length, 'face')}, none owned: buy one at the least.`
      : `${plural(l.faces.length, 'face')}, ${howMuch(there, l.unit)} owned: buy ${lacks}, or wash between faces, five minutes each and dry before the next.`
  return `${howMuch(l.need, l.unit)} needed, ${howMuch(there, l.unit)} there: ${lacks} short.`
}

/** What of a supply is really taken on a face, with how many jobs and faces say so. */
export function ownInWords({ kind, jobs, faces, planned, real }: OwnUse): string {
  const unit = kind === 'alcohol' ? 'ml' : ''
  const each = (n: number) => `${Number((n / Math.max(1, faces)).toFixed(1))}${unit && `\u00a0${unit}`}`
  const by = `${plural(faces, 'face')} of ${plural(jobs, 'job')}`
  return real <= planned + SAME
    ? `${each(real)} a face, as is usual; by ${by}`
    : `${each(real)} a face and not ${each(planned)}; by ${by}`
}
