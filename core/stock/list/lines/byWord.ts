import type { ThingKind } from '../../things/kinds'
import { differsBy, isVariantWord, type Differ } from '../variants'
import type { Part } from './part'
import { cutAt, counted, each, tidy, EACH, MEASURE_SAID } from './cut'
import { type Fragment, isOnlyForm, isOnlyLevel, isFact, isOtherThing, textureWord, tellsApart } from './fragment'
import { HAS_DEPTH, hasShades } from './alongDepth'

const isAbout = (fact: string, word: string): boolean =>
  fact.trim().toLowerCase().startsWith(`${word.trim().toLowerCase()} `)
  && isOnlyLevel(fact.trim().slice(word.trim().length))

// "… - 6 pots" behind a list of colours counts all of them.
const ALL_OF_THEM = /(?<![\d.,\p{L}])[-–(]?\s*(\d{1,2})\s*(?:pots?|jars?|tubes?|bottles?|tins?|in all)?\)?\s*$/iu

/** "Lip liner nude, brown", "concealers: 3 light, 2 medium", "3 foundations (fair, tan, deep) 30 ml": one for each word. */
export function byWord(head: Fragment, rest: readonly Fragment[], kind: ThingKind): Part[] | null {
  const way: Differ = HAS_DEPTH.includes(kind) && kind !== 'corrector' && kind !== 'powder' ? 'depth' : 'colour'
  // "Brow pencils light / medium / dark": what has a colour may be told apart by depth; a base is not by colour.
  const isEither = way === 'colour' || kind === 'powder'
  const fits = (d: Differ | null) => (d === 'length' ? kind === 'lashes' : d !== null && (d === way || isEither))
  const opened = /^(.*?\p{L}.*?)\s*(?::\s+|\()([^()]+)\)?([^()]*)$/u.exec(head.text)
  const listed = opened ? cutAt(opened[2]!, /,/).flatMap(t => t.split(/\s(?:and|und|et|&|\+)\s/u)) : []
  const named = opened ? counted(opened[1]!) : each(head.text)
  const isListed = opened !== null && head.text.includes(':')
  const later = rest.filter(f => (isListed ? !isFact(f.text) : fits(f.differs)))
  const shared = [...(opened?.[3]?.trim() ? [opened[3]] : []), ...rest.filter(f => !later.includes(f)).map(f => f.text)]
  const make = (name: string, words: readonly string[]): Part[] => {
    const own = words.map(each)
    // "Gold, copper, silver (3)": the last figure counts all of them.
    const last = own.at(-1)!
    if (/\(\d+\)\s*$/.test(words.at(-1)!) && last.count === own.length && own.slice(0, -1).every(w => w.count === null))
      last.count = null
    // "Concealer deep x1, light x2": what the first word counts is not all of them.
    const [first] = own
    const isOfFirst =
      named.count !== null && first!.count === null && own.slice(1).every(w => w.count !== null) && own.length > 1
    if (isOfFirst) first!.count = named.count
    const sum = own.reduce((all, w) => all + (w.count ?? 1), 0)
    const odd = named.count !== null && named.count !== sum && !isOfFirst
    // "Medium half gone": said of one of them; a size behind the last is that of all.
    const ofLast =
      own.length > 1 && own.slice(0, -1).every(w => !MEASURE_SAID.test(w.rest)) ? MEASURE_SAID.exec(last.rest) : null
    if (ofLast) {
      last.rest = last.rest.replace(MEASURE_SAID, ' ')
      shared.push(ofLast[0])
    }
    const about = (rest: string) => shared.filter(f => isAbout(f, rest))
    const common = shared.filter(f => !own.some(w => isAbout(f, w.rest)))
    const all = ALL_OF_THEM.exec(common.join(', '))
    const isGuessed = odd || (all !== null && Number(all[1]) !== own.length)
    const facts = tidy(common.join(', ').replace(ALL_OF_THEM, ' ').replace(EACH, ' '))
    return own.map(w => ({
      text: tidy(
        [
          `${w.count === null ? '' : `${w.count} x `}${tidy(name)} ${w.rest.trim()}`,
          facts,
          ...about(w.rest).map(f => f.replace(w.rest.trim(), ' ')),
        ]
          .filter(Boolean)
          .join(', '),
      ),
      ...(isGuessed ? { guessed: String(odd ? named.count : all?.[1]) } : {}),
    }))
  }
  if (opened) {
    const words = [...listed, ...later.map(f => f.text)]
    const all = words.map(t => each(t).rest)
    const known = words.length > 1 && all.every(t => fits(differsBy(t.replace(MEASURE_SAID, ' '))))
    const byForm = words.length > 1 && all.every(t => isOnlyForm({ ...head, text: t }) && textureWord(t) !== null)
    const asMany = named.count !== null && named.count === words.length && words.length > 1
    const byName =
      words.length > 1
      && head.found?.plural === true
      && all.every(t => /^\p{L}[\p{L}'’ -]*$/u.test(t.trim()) && !isOtherThing(t, kind) && !isOnlyLevel(t))
    const byProperName =
      words.length > 2
      && hasShades(kind)
      && all.every(t => /^\p{Lu}\p{L}+(?: \p{Lu}\p{L}+)?$/u.test(t.trim()) && !isOtherThing(t, kind))
    const byLooks = isListed && words.length > 1 && all.every(t => tellsApart(t))
    return known || asMany || byName || byForm || byProperName || byLooks ? make(named.rest, words) : null
  }
  if (later.length === 0) return null
  // The last words of the head are the first of the list: "lip liner nude, brown".
  const words = named.rest.trim().split(/\s+/)
  let cut = words.length
  while (cut > 1 && isVariantWord(words[cut - 1]!.toLowerCase().replace(/[^\p{L}-]/gu, ''))) cut--
  // "Foundation in light, medium".
  while (/^(in|and|und|et|a|the)$/i.test(words[cut] ?? '')) cut++
  const first = words.slice(cut).join(' ')
  // "Foundation 2x light + 1x deep": the count stands before the first of them.
  const times = /^(.*\p{L})\s+(\d{1,2}\s*[x×])$/u.exec(words.slice(0, cut).join(' '))
  if (times && fits(differsBy(first))) return make(times[1]!, [`${times[2]} ${first}`, ...later.map(f => f.text)])
  // "Black mascara, brown": the first word is the first of the list.
  const lead = cut === words.length ? words.findIndex(w => !isVariantWord(w.toLowerCase())) : 0
  if (first && fits(differsBy(first))) return make(words.slice(0, cut).join(' '), [first, ...later.map(f => f.text)])
  if (
    lead > 0
    && later.every(f => f.differs === 'colour')
    && differsBy(words.slice(0, lead).join(' ')) === 'colour'
    && fits('colour')
  )
    return make(words.slice(lead).join(' '), [words.slice(0, lead).join(' '), ...later.map(f => f.text)])
  return later.length > 1
    ? make(
        named.rest,
        later.map(f => f.text),
      )
    : null
}
