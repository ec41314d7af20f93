import { figureOfWord } from '../figures'
import type { Part } from './part'
import { counted, each } from './cut'
import { type Fragment, isOnlyLevel } from './fragment'

/* Things of one line that differ in how full they are. */

/** "1 full, 1 half": so many of one thing, each filled as it says. */
export function byLevel(head: Fragment, rest: readonly Fragment[]): Part[] | null {
  const levels = rest.flatMap(f => f.text.split(/(?<=\p{L})\s+(?=\d+\s)/u)).map(t => counted(t))
  const own = levels.filter(l => l.count !== null && isOnlyLevel(l.rest))
  const split = own.length >= 2 && own.length === levels.length
  const inHead = split ? null : levelsWithin([head, ...rest].map(f => f.text).join(', '))
  const parts = split ? own : inHead?.levels
  if (!parts) return null
  const { rest: name, count } = counted(inHead?.name ?? head.text)
  const sum = parts.reduce((all, l) => all + l.count!, 0)
  return parts.map(l => ({
    text: `${l.count} x ${name}, ${l.rest}`,
    ...(count !== null && count !== sum ? { guessed: String(count) } : {}),
  }))
}

/** "Setting spray 1 full 1 half". */
function levelsWithin(text: string): { name: string; levels: { count: number | null; rest: string }[] } | null {
  const said =
    /^(.*?\p{L}.*?)[\s:(]+(\d+ \p{L}+(?: \p{L}+)?)\s*(?:,|and|und|et|&|\+)?\s+(\d+ \p{L}+(?: \p{L}+)?)\)?$/u.exec(text)
  const levels = said ? [counted(said[2]!), counted(said[3]!)] : []
  return said && levels.every(l => l.count !== null && isOnlyLevel(l.rest)) ? { name: said[1]!, levels } : null
}

// How full some of them are: "(1 new)", "one almost gone".
const SOME_FILLED = /^\s*\(?(\d{1,2}|one|two|eine?r?|zwei|une?|deux)\s+(?:is |ist |of them )?([\p{L}\d/ ]+?)\)?\s*$/iu

/** "3 mascaras (1 new)", "mascara 3x, one nearly empty". */
export function someFilled(head: Fragment, rest: readonly Fragment[]): Part[] | null {
  const opened = /^(.*\p{L}.*?)\s*\(([^()]*)\)\s*$/u.exec(head.text)
  const { count: all, rest: name } = each(opened?.[1] ?? head.text)
  const facts = [...(opened ? [opened[2]!] : []), ...rest.map(f => f.text)]
  const at = facts.findIndex(f => SOME_FILLED.test(f))
  const said = SOME_FILLED.exec(facts[at] ?? '')
  const some = said ? figureOfWord(said[1]!.replace(/^eine?r?$/i, 'eine')) : null
  if (!said || all === null || some === null || some >= all || !isOnlyLevel(said[2]!)) return null
  const others = facts.filter((_, i) => i !== at)
  const text = [name, ...others].join(', ')
  return [{ text: `${all - some} x ${text}` }, { text: `${some} x ${text}, ${said[2]}` }]
}
