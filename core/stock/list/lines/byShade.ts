import { shadesSaid } from './shades'
import type { Part } from './part'
import { cutAt, counted, tidy, EACH } from './cut'
import type { Fragment } from './fragment'

const MISSING = /\b(missing|not there|fehlt|fehlen|manque|lost|sold out|gone)\b/iu

// "04" is no shade in "104" nor in "04 ml".
const isNamed = (shade: string, text: string) =>
  new RegExp(`(?<![\\p{L}\\d.])${shade}(?![\\p{L}\\d.]|\\s?(?:ml|g|oz|cl)\\b)`, 'u').test(text)
const IN_BRACKETS = /\s*\(([^()]*\p{L}[^()]*)\)\s*$/u

/** A thing for each shade of a list; what is said of one by its shade is that one's. */
export function byShade(text: string, group: readonly Fragment[]): Part[] | null {
  const spoken = group.map(f => f.text)
  // What stands in brackets behind them is said of all.
  const said = shadesSaid(text.replace(IN_BRACKETS, ', $1'), true)
  if (!said) return null
  const own = new Map<string, string[]>()
  const shared: string[] = []
  const behind = said.rest.split(/\s*,\s*/)
  for (const piece of behind.length > 1 ? cutAt(said.rest, /,/) : [said.rest]) {
    const about = said.shades.filter(s => piece.includes(s) && isNamed(s, piece))
    if (about.length === 0) shared.push(piece)
    else {
      const fact = about
        .reduce((rest, s) => rest.replace(s, ' '), piece)
        .replace(/\b(and|und|et|&|only|is|are|ist)\b/giu, ' ')
      for (const s of about) own.set(s, [...(own.get(s) ?? []), fact])
    }
  }
  const without = said.shades.filter(s => (own.get(s) ?? []).some(f => MISSING.test(f)))
  const lead = counted(tidy(shared.join(', ').replace(EACH, ' ')))
  const many = lead.count !== null && lead.count !== said.shades.length ? lead.count : null
  const name = tidy(many === null ? lead.rest : lead.rest)
  return said.shades
    .filter(s => !without.includes(s))
    .map((shade, i) => ({
      text: tidy(
        [
          `${said.counts ? `${said.counts[i]} x ` : ''}${name.split(/,(.*)/s)[0]} ${shade}`,
          name.split(/,(.*)/s)[1] ?? '',
          ...(own.get(shade) ?? []),
        ]
          .filter(t => t.trim())
          .join(', '),
      ),
      shade,
      ...(said.guessed ? { guessed: spoken[0] ?? shade } : many !== null ? { guessed: String(many) } : {}),
    }))
}
