import { ENTRIES_MOST, INCI_MOST } from './listLength'
import { canonicalName } from './names'

/** An ingredient list as read: names in their international form, in order, colourants after "may contain" apart. */
export interface InciList {
  ingredients: string[]
  mayContain: string[]
  /** Names that the list declares as UV filters: nano forms, a percentage of an active, an "active" section. */
  declaredFilters: string[]
  /** Sun protection factor when the text claims one. */
  spf: number | null
}

// Longer than any ingredient's name: what is longer is no name, and no pattern has to look at it.
const LONGEST_NAME = 160

const HEADING =
  /^\s*(?:\(?\s*(?:full\s+)?(?:ingredients?|inci|ingr[ée]dients|inhaltsstoffe|bestandteile|ingredientes|ingredienti|composition|sk[łl]adniki|inactive ingredients)\s*(?:\([^)]*\))?\s*[:：]|ingredients\s*\/\s*ingr[ée]dients\s*[:：])/i
const INACTIVE = /\b(?:inactive|other)\s+ingredients?\s*[:：]/i
const ACTIVE = /\bactive\s+ingredients?\s*[:：]/i
const MAY_CONTAIN =
  /[[(]?\s*(?:may\s+contain|peut\s+contenir|kann\s+enthalten|puede\s+contener|può\s+contenere|mo[żz]e\s+zawiera[ćc]|\+\s*\/\s*-|±)\s*(?:\/\s*(?:may\s+contain|peut\s+contenir|kann\s+enthalten|puede\s+contener|\+\s*\/\s*-))*\s*[:：]?\s*/i
const SPF = /\b(?:spf|lsf|fps)\s*:?\s*(\d{1,3})\b\s*\+?\s*[-.:;,]?/i
// What a footnote or a marketing tail begins with; a list ends there.
const TAIL =
  /(?:^|[.\n]\s*)(?:\*+\s*\S|\*?\s*(?:from organic|certified organic|issu[es]* de|aus kontrolliert|ingredients? of natural|fragrance-free claim|dermatologically|made in|store in|directions|warnings?)\b)/i

/**
 * Reads the text of an ingredient list as found in the wild: headings, line breaks, percent signs, asterisks, slashes
 * between languages, brackets, "may contain" in five languages.
 */
export function parseInci(text: string): InciList {
  const whole = withoutRuns(text.slice(0, INCI_MOST))
  const spf = SPF.exec(whole)
  const tidy = whole
    .replace(SPF, ' ')
    .replace(/[‐‑–—]/g, '-')
    .replace(/[™®©]/g, '')
    .replace(/^[\s.:-]+/, '')
  const active = sectionOf(tidy, ACTIVE, INACTIVE)
  const rest = active ? tidy.slice(active.end).replace(INACTIVE, '') : tidy
  const [main, may] = splitAtMayContain(cutTail(rest.replace(HEADING, '')))
  const declared = active ? names(active.text) : []
  const own = namesWithMarks(main)
  return {
    // The actives stand apart from the order of amounts: the vehicle's list decides what comes first.
    ingredients: unique([...own.map(n => n.name), ...declared]),
    mayContain: unique(names(may)),
    declaredFilters: unique([...declared, ...own.filter(n => n.declared).map(n => n.name)]),
    spf: spf ? Number(spf[1]) : null,
  }
}

/**
 * One blank for many, one line break for many, no sign more than three times in a row. After this every pattern here reads a
 * text in time proportional to its length: what could make one start over again and again is a long run of the same.
 */
const withoutRuns = (text: string) =>
  text
    .replace(/[^\S\n]+/g, ' ')
    .replace(/(?: ?\n)+ ?/g, '\n')
    .replace(/([^\p{L}\p{N}\s])\1{3,}/gu, '$1$1$1')

function sectionOf(text: string, from: RegExp, to: RegExp): { text: string; end: number } | null {
  const start = from.exec(text)
  if (!start || INACTIVE.exec(text)?.index === start.index) return null
  const begin = start.index + start[0].length
  const stop = to.exec(text.slice(begin))
  const end = begin + (stop ? stop.index : 0)
  return stop ? { text: text.slice(begin, end).replace(/[.;\s]+$/, ''), end } : null
}

function cutTail(text: string): string {
  const tail = TAIL.exec(text)
  return tail && tail.index > 0 ? text.slice(0, tail.index) : text
}

function splitAtMayContain(text: string): [string, string] {
  const found = MAY_CONTAIN.exec(text)
  if (!found) return [text, '']
  return [text.slice(0, found.index), text.slice(found.index + found[0].length).replace(/[\])]\s*\.?\s*$/, '')]
}

const names = (text: string) => namesWithMarks(text).map(n => n.name)

function namesWithMarks(text: string): { name: string; declared: boolean }[] {
  return pieces(text).flatMap(piece => {
    const declared = /\bnano\b|\(\s*uv[- ]?filter\s*\)|sunscreen/i.test(piece)
    const name = canonicalName(piece)
    return name ? [{ name, declared }] : []
  })
}

/**
 * The single entries of a list. A comma between digits belongs to a name (1,2-hexanediol) or to a figure (6,2 %); a line
 * break separates only where the list has no other separator, else it is where the pack ran out of width.
 */
function pieces(text: string): string[] {
  const separated = /[,;•·●|]/.test(text)
  const joined = separated ? text.replace(/-\s*\n\s*/g, '-').replace(/\s*\n\s*/g, ' ') : text.replace(/\n+/g, ';')
  return joined
    .split(/;|•|·|●|\||,(?!\d)|(?<!\d),(?=\d)/)
    .map(p => p.trim())
    .filter(p => p.length > 0 && p.length <= LONGEST_NAME)
    .slice(0, ENTRIES_MOST)
}

const unique = (list: readonly string[]) => [...new Set(list)]
