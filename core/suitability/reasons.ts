import type { Finding } from './finding'

const RANK = { veto: 0, weight: 1, note: 2 } as const
const size = (f: Finding) => (f.effect.is === 'weight' ? Math.abs(f.effect.by) : 0)
const isAgainst = (f: Finding) => f.effect.is === 'weight' && f.effect.by < 0
/** How a product leaves its pack: worth knowing, seldom the reason. */
const isHousekeeping = (f: Finding) => f.rule === 'container'
const byWeight = (x: Finding, y: Finding) =>
  Number(isHousekeeping(x)) - Number(isHousekeeping(y)) || RANK[x.effect.is] - RANK[y.effect.is] || size(y) - size(x)
const though = (f: Finding) => `though ${f.sentence}`

/** Every reason in the order the artist reads it: what asked for the layer, what speaks for the product, what against it. */
export function reasonsInOrder(findings: readonly Finding[], asked: readonly string[] = []): string[] {
  const told = [...findings].sort(byWeight)
  return [...asked, ...told.filter(f => !isAgainst(f)).map(f => f.sentence), ...told.filter(isAgainst).map(though)]
}

// Less than this is not worth a place among the first reasons.
const WORTH_SAYING = 1

/**
 * The few reasons that weigh most, what asked for it first. The worst that speaks against it is among them, unless what it
 * would push out weighs more.
 */
export function mainReasons(findings: readonly Finding[], asked: readonly string[], most: number): string[] {
  const told = findings.filter(f => !isHousekeeping(f)).sort(byWeight)
  const worst = told.find(f => isAgainst(f) && size(f) >= WORTH_SAYING)
  const first = asked.slice(0, 1)
  const forIt = told.filter(f => !isAgainst(f)).slice(0, most - first.length)
  const isFull = first.length + forIt.length === most
  const last = forIt.at(-1)
  if (!worst || (isFull && (!last || size(last) > size(worst)))) return [...first, ...forIt.map(f => f.sentence)]
  return [...first, ...(isFull ? forIt.slice(0, -1) : forIt).map(f => f.sentence), though(worst)]
}
