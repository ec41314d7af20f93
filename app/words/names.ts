/* What people of one day are called by: their first name, where that says who is meant. */

const TITLES = [
  'dr',
  'mr',
  'mrs',
  'ms',
  'mx',
  'miss',
  'sir',
  'lady',
  'lord',
  'prof',
  'professor',
  'captain',
  'bosun',
  'sister',
  'father',
  'aunt',
  'uncle',
]

function firstOf(name: string): string {
  const words = name.trim().split(/\s+/)
  const isTitle = TITLES.includes(words[0]!.toLowerCase().replace('.', ''))
  return isTitle && words.length > 1 ? words.slice(0, 2).join(' ') : words[0]!
}

/** Who is meant by an id: the first name, with the title where there is one; the whole name where two are called alike. */
export function calledBy(people: readonly { id: string; name: string }[]): (id: string) => string {
  const firsts = people.map(p => firstOf(p.name))
  const isOne = (first: string) => firsts.filter(f => f === first).length === 1
  const called = new Map(people.map((p, i) => [p.id, isOne(firsts[i]!) ? firsts[i]! : p.name]))
  return id => called.get(id) ?? 'somebody'
}
