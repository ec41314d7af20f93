import { meantLines, WHOLE_LISTS } from '../../../tests/support/wholeLists'
import { readPasted } from '../table/pasted'
import { plain } from './words'
import type { ReadThing } from './'

const TODAY = '2026-12-01'
// What fields hold: how full, how many, how large, since when.
// prettier-ignore
const HELD =
  /^(brand|october|approx|viertel|ubrig|half|halb|moitie|full|voll|vide|leer|empty|neu|new|open(ed)?|unopened|ouvert|geoffnet|angebrochen|last|month|weeks?|ago|aout|marz|juni|march|august|june|sept|exp|mhd|presque|fast|nearly|almost|barely|touched|about|third|quarter|left|gone|used|finished|sealed|zur|halfte|hit|pan|pans?|out|missing|not|and|und|each|both|one|ein|eine|dozen?|doz|dutzend|pairs?|paires?|paar|prs|pieces?|pcs|pc|stk|stuck|packs?|boxe?s?|bags?|bottles?|tubes?|shades?|colou?rs?|couleurs|farben|tubs?|fair|very|deep|coverage|plus|half|couple|thirty|two|all|disposables|months|cover|trays|emergency|eyes|lips|face|pflege|teint|wangen|augen|lippen|werkzeug|verbrauch|with|packungen|three|four|five|six|twenty|cheeks|moisturizer|sunscreen|pleine|mars|running|low|litre|lipstick|asst)$/

/** What one thing of a list means, as it is written behind the arrow. */
interface Meant {
  kind: string
  count: string
  size: string
  level: string
  /** Where the list says so: texture, shade, opened, expires, price, spf, unsafe. */
  more: Record<string, string>
}
const meantOf = (text: string): Meant => {
  const [kind = '', count = '', size = '', level = '', ...more] = text.split(';').map(t => t.trim())
  return { kind, count, size, level, more: Object.fromEntries(more.map(m => m.split('=') as [string, string])) }
}
interface Line {
  text: string
  things: Meant[]
}
const listOf = (name: string): Line[] =>
  meantLines(name).map(({ text, means }) => ({
    text,
    things: means === '' || means.startsWith('#') ? [] : means.split(' | ').map(meantOf),
  }))

const FIELDS: Readonly<Record<string, (t: ReadThing) => string>> = {
  t: t => t.texture ?? '-',
  shade: t => t.shade ?? '-',
  opened: t => t.openedOn ?? '-',
  expires: t => t.expiresOn ?? '-',
  price: t => String(t.price ?? '-'),
  spf: t => String(t.spf ?? '-'),
  unsafe: t => (t.unsafeFor.length > 0 ? t.unsafeFor[0]! : '-'),
}
const size = (t: ReadThing) => (t.size === null ? '-' : `${t.size} ${t.measure}`)

interface Tally {
  meant: number
  found: number
  invented: number
  right: Record<string, [right: number, of: number]>
  unmarkedWrong: number
  unmarked: number
  wrong: string[]
}
function tally(lines: readonly Line[]): Tally {
  const { things } = readPasted(
    lines.map(l => l.text),
    TODAY,
  )
  const all: Tally = { meant: 0, found: 0, invented: 0, right: {}, unmarkedWrong: 0, unmarked: 0, wrong: [] }
  const count = (field: string, isRight: boolean) => {
    const [right, of] = (all.right[field] ??= [0, 0])
    all.right[field] = [right + (isRight ? 1 : 0), of + 1]
    return isRight
  }
  for (const [i, line] of lines.entries()) {
    const read = things.filter(t => t.line === i)
    all.meant += line.things.length
    all.found += Math.min(read.length, line.things.length)
    all.invented += Math.max(0, read.length - line.things.length)
    if (read.length !== line.things.length)
      all.wrong.push(`${line.text} → ${read.length} things: ${read.map(t => t.name).join(' | ')}`)
    for (const [k, meant] of line.things.entries()) {
      const thing = read[k]
      if (!thing) continue
      const wrong = [
        count('kind', (thing.kind ?? 'unknown') === meant.kind) ? '' : `kind ${thing.kind}`,
        count('count', String(thing.count) === meant.count) ? '' : `count ${thing.count}`,
        count('size', size(thing) === meant.size) ? '' : `size ${size(thing)}`,
        count('level', String(thing.level ?? '-') === meant.level) ? '' : `level ${thing.level}`,
        ...Object.entries(meant.more).map(([field, value]) => {
          const is = FIELDS[field]!(thing)
          return count(field, is === value) ? '' : `${field} ${is}`
        }),
      ].filter(Boolean)
      if (thing.doubtful.length === 0) {
        all.unmarked++
        if (wrong.length > 0) all.unmarkedWrong++
      }
      if (wrong.length > 0) all.wrong.push(`${line.text} [${k}] → ${wrong.join(', ')}`)
    }
  }
  return all
}

const LISTS = WHOLE_LISTS.map(name => ({ name, lines: listOf(name), ...tally(listOf(name)) }))
const LAST = LISTS.filter(l => l.name.startsWith('last'))

describe.each([
  ['whole lists as people keep them', LISTS],
  ['the last three', LAST],
])('%s', (_, lists) => {
  const sum = (of: (l: Tally) => number) => lists.reduce((all, l) => all + of(l), 0)
  const share = (field: string) => sum(l => l.right[field]?.[0] ?? 0) / sum(l => l.right[field]?.[1] ?? 0)
  it('are found, and little else is', () => {
    expect(sum(l => l.found) / sum(l => l.meant)).toBeGreaterThanOrEqual(0.95)
    expect(sum(l => l.invented) / sum(l => l.meant)).toBeLessThanOrEqual(0.03)
  })
  it.each([
    ['kind', 0.95],
    ['count', 0.97],
    ['size', 0.97],
    ['level', 0.97],
    ['t', 0.9],
    ['shade', 0.97],
    ['price', 0.97],
  ])('each with its %s', (field, least) => expect(share(field)).toBeGreaterThanOrEqual(least))
  it('what is wrong is marked, and nothing unsafe is not', () => {
    expect(sum(l => l.unmarkedWrong) / sum(l => l.unmarked)).toBeLessThanOrEqual(0.03)
    expect(share('unsafe')).toBe(1)
  })
})

describe('the lists', () => {
  it('are wrong in these lines, each of them known', () =>
    expect(LISTS.flatMap(l => l.wrong.map(w => `${l.name}: ${w}`))).toMatchSnapshot())
  it('are sixteen or more, of eight hundred things', () => {
    expect(LISTS.length).toBeGreaterThanOrEqual(16)
    expect(LISTS.reduce((all, l) => all + l.meant, 0)).toBeGreaterThanOrEqual(800)
  })
  it('lose no word: what no field holds stands in a name', () => {
    const lost = LISTS.flatMap(l => {
      const { things, headings } = readPasted(
        l.lines.map(line => line.text),
        TODAY,
      )
      return l.lines.flatMap(({ text }, line) => {
        if (headings.some(h => h.line === line)) return []
        const names = things.filter(t => t.line === line).map(t => ` ${plain(t.name)} ${t.kind} `)
        return (plain(text).match(/\p{L}{3,}/gu) ?? []).filter(
          word => !names.some(n => n.includes(word)) && !HELD.test(word),
        )
      })
    })
    expect(lost).toEqual([])
  })
})
