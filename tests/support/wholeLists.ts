import { readdirSync, readFileSync } from 'node:fs'

/* Lists as people keep them, tests/lists/whole: a comment, then lines, each with what it means behind an arrow. */

const FOLDER = 'tests/lists/whole'
export const WHOLE_LISTS = readdirSync(FOLDER).filter(name => name.endsWith('.txt'))

/** The lines of one list with what each means: things between bars, or a sign for a line that is none. */
export const meantLines = (name: string): { text: string; means: string }[] =>
  readFileSync(`${FOLDER}/${name}`, 'utf8')
    .split('\n')
    .slice(1)
    .filter(l => l.includes(' => ') || l.endsWith(' =>'))
    .map(l => {
      const [text = '', means = ''] = l.split(/ => ?/)
      return { text, means }
    })

/** So many lines of them, one list after another. */
export function linesOfLists(many: number): string[] {
  // Rows of a table would make all the others a table, too.
  const all = WHOLE_LISTS.flatMap(meantLines)
    .map(l => l.text)
    .filter(t => !/[\t|]|;.*;.*;/.test(t))
  return Array.from({ length: many }, (_, i) => all[i % all.length]!)
}
