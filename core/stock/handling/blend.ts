import { mixReflectance } from '../../colour/kubelkaMunk'
import { reflectanceToLab, type Lab } from '../../colour/lab'
import { pigmentFor } from '../../complexion/bottles/pigments'
import { COVERAGES, type Coverage, type Family } from '../../complexion/bottles/product'
import {
  CLAIMS,
  SPARKLES,
  type Finish,
  type ItemKind,
  type Place,
  type Sparkle,
  type Texture,
} from '../../product/item'
import { isPast } from '../things/thing'
import { useByOf, type Traits } from '../things/usual'

/* Own blends: powders mixed, lip colours and pans melted or pressed together. What comes of it in colour, formula and days. */

export interface BlendPart {
  name: string
  kind: ItemKind
  lab: Lab | null
  coverage: Coverage
  family: Family
  finish: Finish
  strength: number
  traits: Traits
  /** Ingredient list as on the pack; empty where nobody has it. */
  inci: string
  openedOn: string | null
  /** The last day printed on it, ISO date. */
  expiresOn: string | null
  /** In one measure for all. */
  amount: number
}

const POWDERS: readonly Texture[] = ['loose powder', 'pressed powder']
const MELT: readonly Texture[] = ['cream', 'balm', 'stick', 'pencil']
const FLOW: readonly Texture[] = ['fluid', 'gel', 'lotion']
const stateOf = (texture: Texture) =>
  POWDERS.includes(texture)
    ? 'a powder'
    : MELT.includes(texture)
      ? 'what melts'
      : FLOW.includes(texture)
        ? 'what flows'
        : null

/** Kinds that are never mixed with anything, and why. */
const NEVER: Partial<Record<ItemKind, string>> = {
  'mascara': 'it is worn at the eye and kept by what its tube keeps out',
  'liner': 'it is worn at the eye and kept by what its pack keeps out',
  'lash glue': 'it holds as it was made, and is worn at the eye',
  'lashes': 'it is nothing to mix',
  'sun protection': 'what it protects from is tested as it is, and nobody knows what is left of that',
  'remover': 'it is kept as it was made',
  'mask': 'it is kept as it was made',
}

/** Why these are not to be made one; null where they can be. */
export function blendProblem(parts: readonly BlendPart[]): string | null {
  if (parts.length < 2) return 'a blend is made of two or more'
  for (const { kind, name, traits } of parts) {
    const why = NEVER[kind]
    if (why) return `${name} is never blended: ${why}`
    if (traits.dispenser === 'aerosol') return `${name} is under pressure`
    if (stateOf(traits.texture) === null) return `${name} is neither powder, cream nor fluid`
    if ((traits.spf ?? 0) >= 15) return `${name} protects from the sun as it is; mixed, nobody knows by how much`
  }
  const [first, ...others] = parts
  const state = stateOf(first!.traits.texture)
  const other = others.find(p => stateOf(p.traits.texture) !== state)
  if (other)
    return `${first!.name} is ${state!} and ${other.name} is ${stateOf(other.traits.texture)!}: they stay apart`
  const families = new Set(parts.map(p => p.family).filter(f => f !== 'unknown' && f !== 'powder'))
  if (state === 'what flows' && families.size > 1) return `${[...families].join(' and ')} separate`
  return null
}

/** Names of the parts that are past their last day: a blend of them is past it too. */
export const pastAmong = (parts: readonly BlendPart[], today: string): string[] =>
  parts.filter(p => isPast({ useBy: useByOf(p.openedOn, p.traits.paoMonths, p.expiresOn) }, today)).map(p => p.name)

export interface Blended {
  kind: ItemKind
  lab: Lab | null
  coverage: Coverage
  family: Family
  finish: Finish
  traits: Traits
  /** Of all parts; empty where one of them has none on record. */
  inci: string
  /** The oldest of them: nothing gets younger by being mixed. */
  openedOn: string | null
  /** The earliest that is printed on any of them. */
  expiresOn: string | null
}

/** What comes of the parts; it is as safe, as long kept and as plain as the least of them. */
export function blendOf(parts: readonly BlendPart[]): Blended {
  const total = parts.reduce((sum, p) => sum + p.amount, 0)
  const most = parts.reduce((x, y) => (y.amount > x.amount ? y : x))
  const coloured = parts.flatMap(p => (p.lab ? [{ ...p, lab: p.lab }] : []))
  const lab =
    coloured.length === parts.length
      ? reflectanceToLab(
          mixReflectance(coloured.map(p => ({ pigment: pigmentFor({ id: '', ...p }), share: p.amount / total }))),
        )
      : null
  const covers = parts.reduce((sum, p) => sum + (COVERAGES.indexOf(p.coverage) * p.amount) / total, 0)
  const paos = parts.flatMap(p => p.traits.paoMonths ?? [])
  const opened = parts.flatMap(p => p.openedOn ?? []).sort()
  const all = <T>(of: (p: BlendPart) => readonly T[]) => of(parts[0]!).filter(x => parts.every(p => of(p).includes(x)))
  return {
    kind: most.kind,
    lab,
    coverage: COVERAGES[Math.round(covers)]!,
    family: parts.every(p => p.family === most.family) ? most.family : 'unknown',
    finish: most.finish,
    traits: {
      ...most.traits,
      dispenser: 'pot',
      spf: 0,
      filter: 'none',
      limited: false,
      alsoFor: all(p => p.traits.alsoFor),
      resists: all(p => p.traits.resists),
      safeFor: all<Place>(p => p.traits.safeFor),
      claims: CLAIMS.filter(c => parts.every(p => p.traits.claims.includes(c))),
      sparkle: SPARKLES[Math.max(...parts.map(p => SPARKLES.indexOf(p.traits.sparkle)))] as Sparkle,
      wearHours: leastOf(parts.map(p => p.traits.wearHours)),
      paoMonths: paos.length > 0 ? Math.min(...paos) : null,
    },
    inci: parts.every(p => p.inci.trim()) ? [...new Set(parts.flatMap(p => split(p.inci)))].join(', ') : '',
    openedOn: opened[0] ?? null,
    expiresOn: parts.flatMap(p => p.expiresOn?.slice(0, 10) ?? []).sort()[0] ?? null,
  }
}

const leastOf = (values: readonly (number | null)[]): number | null =>
  values.includes(null) ? null : Math.min(...values.map(v => v!))
const split = (inci: string) =>
  inci
    .replace(/\b(may contain|peut contenir|kann enthalten|\+\/-)\s*:?/gi, ',')
    .split(/[,.;\n]+/)
    .map(t => t.trim())
    .filter(Boolean)

/** The recipe as it is written down: "2 g Oyster + 1 g Peat". */
export const recipeInWords = (parts: readonly Pick<BlendPart, 'name' | 'amount'>[], measure: string): string =>
  parts.map(p => `${Math.round(p.amount * 100) / 100} ${measure} ${p.name}`).join(' + ')
