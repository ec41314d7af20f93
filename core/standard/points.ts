import { areaOf, bestCorrection } from '../complexion/correct'
import { packPigments, pigmentFor } from '../complexion/bottles/pigments'
import type { MixingRules } from '../complexion/bottles/mixable'
import { DEFAULT_OPTIONS } from '../complexion/mixing/recipe'
import { shownOn } from '../complexion/skins/shown'
import { nudeFor } from '../complexion/skins/nude'
import { typicalSkin, UNDERTONES } from '../complexion/skins/skin'
import { needs } from '../buy/needs'
import { declaredAs } from '../ingredients/declared'
import { SLOTS } from '../asked/slots'
import type { Lab } from '../colour/lab'
import { isVivid } from '../stock/things/vivid'
import { complexionProduct } from '../product/recipeItem'
import { filmOf } from '../product/film'
import type { KitItem } from '../product/item'
import { SHOWING } from '../asked/showing'
import type { BrushShape, OwnedKind } from '../stock/things/kinds'
import type { Due } from '../due'
import type { Point, Way } from './cover'
import type { Ability, AbilityPart, ShowsAs, SuitedSkin, Temperature } from './standard'

/* What an ability comes down to: points, each with the things, or the mixes of things, that serve it. */

/** A physical thing as an audit weighs it. */
export interface AuditThing {
  id: string
  productId: string
  kind: OwnedKind
  name: string
  count: number
  massG: number
  shape: BrushShape | ''
  percent: number | null
  /** What it puts on a face: the product, or every pan of a palette; none for tools and supplies. */
  items: readonly KitItem[]
}

export interface AuditScene {
  things: readonly AuditThing[]
  rules: MixingRules
  /** Faces of the largest party in the book. */
  party: number
  /** Whether somebody with such a skin can wear it. */
  suits: (item: KitItem, skin: SuitedSkin) => boolean
  /** What people on record declared that they react to. */
  declared: readonly string[]
  due?: Due
}

/** A point with what it is called: "depth 8, olive". */
export interface NamedPoint extends Point {
  name: string
}

const DEPTHS = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12] as const
const one = (things: readonly number[]): Way[] => things.map(t => ({ things: [t], gives: 1 }))

const POINTS: Readonly<Record<Ability['sort'], (ability: Ability, scene: AuditScene) => NamedPoint[]>> = {
  mix: mixPoints,
  shows: showPoints,
  cancels: cancelPoints,
  suits: suitPoints,
  chain: chainPoints,
  have: havePoints,
}

/** Every point of an ability, whether anything serves it or not. */
export const pointsOf = (ability: Ability, scene: AuditScene): NamedPoint[] => POINTS[ability.sort](ability, scene)

interface Carried {
  thing: number
  item: KitItem
}
const carried = ({ things }: AuditScene, kinds: readonly OwnedKind[]): Carried[] =>
  things.flatMap((t, thing) =>
    t.items.flatMap(item =>
      kinds.includes(item.kind) || item.alsoFor.some(k => kinds.includes(k)) ? [{ thing, item }] : [],
    ),
  )

function targetsOf({
  targets,
  named = [],
  depths = DEPTHS,
  undertones = UNDERTONES,
}: Ability): { name: string; lab: Lab }[] {
  if (targets === 'named') return [...named]
  const skins = depths.flatMap(depth =>
    undertones.map(u => ({ name: `depth ${depth}, ${u}`, lab: typicalSkin(depth, u) })),
  )
  return targets === 'nude lips' ? skins.map(({ name, lab }) => ({ name, lab: nudeFor(lab) })) : skins
}

// What `needs` can tell apart.
const MOST_PRODUCTS = 500

function mixPoints(ability: Ability, scene: AuditScene): NamedPoint[] {
  const targets = targetsOf(ability)
  // Two bottles of one shade are one colour; the first is the one a drop comes from.
  const once = new Map<string, Carried & { item: KitItem & { lab: Lab } }>()
  for (const { thing, item } of carried(scene, ability.kinds))
    if (item.lab && !once.has(item.id)) once.set(item.id, { thing, item: { ...item, lab: item.lab } })
  const products = [...once.values()].slice(0, MOST_PRODUCTS)
  const spare = sparesOf(scene, products)
  const found =
    products.length === 0
      ? []
      : needs({
          pigments: packPigments(
            products.map(p => complexionProduct(p.item)),
            scene.rules,
          ),
          owned: 0,
          prices: products.map(() => 0),
          budget: 0,
          skins: targets.map(t => t.lab),
          options: {
            ...DEFAULT_OPTIONS,
            tolerance: ability.within ?? DEFAULT_OPTIONS.tolerance,
            maxProducts: ability.maxProducts ?? 2,
            maxDrops: ability.maxDrops ?? 6,
          },
          due: scene.due,
        }).needs
  return targets.map(({ name }, i) => {
    const sets = found[i]?.sets ?? []
    return { name, need: 1, ways: sets.flatMap(set => ways(set.map(k => spare[k]!))) }
  })
}

/** Things that hold the same product, each in the other's place. */
const sparesOf = ({ things }: AuditScene, products: readonly Carried[]): number[][] =>
  products.map(({ item }) => things.flatMap((t, i) => (t.items.some(x => x.id === item.id) ? [i] : [])))

// Of one product no more than this are tried in one another's place: a third is a spare of a spare.
const MOST_SPARES = 2
/** Every way to take one thing of each. Pans of one palette are one thing. */
function ways(parts: readonly (readonly number[])[]): Way[] {
  const all = parts.reduce<number[][]>(
    (made, part) => made.flatMap(m => part.slice(0, MOST_SPARES).map(t => [...m, t])),
    [[]],
  )
  return all.map(things => ({ things: [...new Set(things)], gives: 1 }))
}

const WARM_FROM = 0
const isOf = (lab: Lab, temperature: Temperature) => {
  // Against a skin, what is yellower than red is warm.
  const warm = lab.b - lab.a * 0.9 > WARM_FROM
  return temperature === 'warm' ? warm : !warm
}
// A film at its lightest and as it is usually laid.
const LAID = [0.25, 0.5, 1]

function shows(item: KitItem, skin: Lab, as: ShowsAs): boolean {
  return LAID.some(thickness => {
    const { deltaE, dL } = shownOn(filmOf(item), skin, thickness)
    if (as === 'deeper') return dL < -6 && deltaE >= SHOWING.clear
    const [from, to] = as === 'lightly' ? [SHOWING.vanishes, SHOWING.clear] : [SHOWING.clear, SHOWING.strong * 1.5]
    return deltaE >= from && deltaE < to && dL <= SHOWING.chalky
  })
}

function showPoints(ability: Ability, scene: AuditScene): NamedPoint[] {
  const { depths = DEPTHS, shows: asked = ['clearly'], temperatures = ['warm', 'cool'], sparkleFree = false } = ability
  const usable = carried(scene, ability.kinds).filter(
    // Nobody who asks for a lid that shows means a loud one.
    ({ item }) => item.lab !== null && !isVivid(item.kind, item.lab) && (!sparkleFree || item.sparkle !== 'coarse'),
  )
  return depths.flatMap(depth => {
    const skin = typicalSkin(depth, 'neutral')
    return asked.flatMap(as => {
      const seen = usable.filter(({ item }) => shows(item, skin, as))
      return temperatures.map(temperature => ({
        name: `depth ${depth}, ${temperature}, ${as === 'deeper' ? 'to deepen' : as}`,
        need: 1,
        ways: one([...new Set(seen.filter(({ item }) => isOf(item.lab!, temperature)).map(c => c.thing))]),
      }))
    })
  })
}

// A base of the skin's own colour, thin where a corrector works.
const THIN = 0.5
const UNDER_A_BASE = 3
function cancelPoints(ability: Ability, scene: AuditScene): NamedPoint[] {
  const { depths = DEPTHS, concerns = [], within = UNDER_A_BASE } = ability
  const correctors = carried(scene, ability.kinds).filter(({ item }) => item.lab !== null)
  return concerns.flatMap(concern =>
    depths.map(depth => {
      const skin = typicalSkin(depth, 'neutral')
      const over = [{ film: pigmentFor({ id: '', lab: skin, coverage: 'medium', family: 'unknown' }), thickness: THIN }]
      const area = areaOf(skin, concern)
      const does = correctors.filter(({ item }) => bestCorrection(filmOf(item), skin, area, over).left <= within)
      return { name: `${concern}, depth ${depth}`, need: 1, ways: one([...new Set(does.map(c => c.thing))]) }
    }),
  )
}

function suitPoints(ability: Ability, scene: AuditScene): NamedPoint[] {
  return (ability.skins ?? []).flatMap(skin =>
    ability.kinds.map(kind => ({
      name: `${kind} for ${skin === 'oily' ? 'an' : 'a'} ${skin} skin`,
      need: 1,
      ways: one([
        ...new Set(
          carried(scene, [kind])
            .filter(({ item }) => scene.suits(item, skin))
            .map(c => c.thing),
        ),
      ]),
    })),
  )
}

/** Every place that a plan always has, filled without what was declared; a list that nobody has read proves nothing. */
function chainPoints(ability: Ability, scene: AuditScene): NamedPoint[] {
  const everywhere = SLOTS.filter(s => s.always && s.kinds.some(k => ability.kinds.includes(k)))
  return (ability.declared ?? scene.declared).flatMap(word =>
    everywhere.map(({ name, kinds, place }) => {
      const fits = (item: KitItem) =>
        item.ingredients !== null
        && item.safeFor.includes(place)
        && (kinds.includes(item.kind) || item.alsoFor.some(k => kinds.includes(k)))
        && declaredAs(word).against(item) === null
      const all = scene.things.flatMap((t, thing) => (t.items.some(fits) ? [thing] : []))
      return { name: `${declaredAs(word).label}: ${name.toLowerCase()}`, need: 1, ways: one(all) }
    }),
  )
}

const strengthOf = ({ percentFrom, percentTo }: Ability) =>
  percentFrom !== undefined && percentTo !== undefined ? ` of ${percentFrom} to ${percentTo} %` : ''

/** How many are needed for a party. */
export const neededOf = ({ count = 1, perFace }: AbilityPart, party: number): number =>
  perFace === undefined ? count : Math.ceil(perFace * party)
export const partsOf = (ability: Ability): readonly AbilityPart[] => ability.parts ?? [ability]

function havePoints(ability: Ability, scene: AuditScene): NamedPoint[] {
  return partsOf(ability).flatMap(part => partPoints({ ...ability, ...part }, scene))
}

function partPoints(ability: Ability, { things, party }: AuditScene): NamedPoint[] {
  const { kinds, shapes, finish, resists, sparkleFree, vivid, percentFrom, percentTo } = ability
  const fits = (t: AuditThing) => {
    if (percentFrom !== undefined && (t.percent ?? -1) < percentFrom) return false
    if (percentTo !== undefined && (t.percent ?? Infinity) > percentTo) return false
    const product = (item: KitItem) =>
      (kinds.includes(item.kind) || item.alsoFor.some(k => kinds.includes(k)))
      && (finish === undefined || item.finish === finish)
      && (resists === undefined || item.resists.includes(resists))
      && (!sparkleFree || item.sparkle !== 'coarse')
      && (!vivid || (item.lab !== null && isVivid(item.kind, item.lab)))
    return t.items.length > 0 ? t.items.some(product) : kinds.includes(t.kind)
  }
  const point = (what: string, passes: (t: AuditThing) => boolean): NamedPoint => ({
    name: what,
    need: neededOf(ability, party),
    ways: things.flatMap((t, i) => (fits(t) && passes(t) ? [{ things: [i], gives: t.count }] : [])),
  })
  return shapes
    ? shapes.map(shape => point(shape, t => t.shape === shape))
    : [point(kinds.join(' or ') + strengthOf(ability), () => true)]
}
