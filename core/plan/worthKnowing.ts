import { stillUnknown } from '../ingredients/declared'
import type { Due } from '../due'
import { isComplexionKind } from '../stock/things/usual'
import type { ItemKind, KitItem } from '../product/item'
import type { FacePlan, Layer } from './described/describe'
import { planFace, type PlanQuestion } from './facePlan'

/*
 * Missing data of a product that would give another plan if they were known: the plan is made again for every answer there is, and
 * only what changes it is asked for.
 */

export const DATA = ['base', 'sun filter', 'ingredients', 'how long it lasts', 'colour'] as const
export type Datum = (typeof DATA)[number]

export interface Supposed {
  /** As the answer is called. */
  value: string
  item: KitItem
}
export interface WorthKnowing {
  id: string
  name: string
  datum: Datum
  /** What each answer would change; those that change nothing are left out. */
  changes: { value: string; words: string }[]
}

/** Kinds whose hours of wear stand on the pack, or are known from wearing it. */
const SAID_TO_LAST: readonly ItemKind[] = ['foundation', 'concealer', 'lip colour', 'liner', 'mascara', 'body make-up']

/** The answers there are to what is not known of a product; empty where everything is, or nothing asks for it. */
const SUPPOSED: Record<Datum, (item: KitItem, question: PlanQuestion) => Supposed[]> = {
  'base': item =>
    item.family === 'unknown'
      ? (['silicone', 'water', 'oil'] as const).map(family => ({ value: family, item: { ...item, family } }))
      : [],
  'sun filter': (item, { job }) =>
    job.flash && item.spf === null
      ? [
          { value: 'none', item: { ...item, spf: 0, filter: 'none' } },
          { value: 'mineral, SPF 30', item: { ...item, spf: 30, filter: 'mineral' } },
        ]
      : [],
  'ingredients': (item, { face }) =>
    item.ingredients === null
    && stillUnknown(face.sensitivities, face.packsRead).length === 0
    && face.sensitivities.length > 0
      ? [
          { value: 'free of it', item: { ...item, ingredients: [] } },
          { value: 'holds it', item: { ...item, ingredients: face.sensitivities } },
        ]
      : [],
  'how long it lasts': item =>
    item.wearHours === null && SAID_TO_LAST.includes(item.kind)
      ? [
          { value: '4 hours', item: { ...item, wearHours: 4 } },
          { value: '12 hours', item: { ...item, wearHours: 12 } },
        ]
      : [],
  'colour': (item, { face }) =>
    item.lab === null && isComplexionKind(item.kind)
      ? [{ value: 'near this skin', item: { ...item, lab: { ...face.skin } } }]
      : [],
}

// Each answer is a plan made anew.
const MOST_PLANS = 40

export interface AllWorthKnowing {
  /** What stands in the plan before what might. */
  found: WorthKnowing[]
  /** Whether everything that was likely to matter was tried. */
  whole: boolean
}

export function worthKnowing(question: PlanQuestion, due: Due): AllWorthKnowing {
  const plan = planFace(question)
  const found: WorthKnowing[] = []
  let made = 0
  for (const item of likely(question, plan))
    for (const datum of DATA) {
      const changes: WorthKnowing['changes'] = []
      for (const { value, item: supposed } of SUPPOSED[datum](item, question)) {
        if (made >= MOST_PLANS || due()) return { found, whole: false }
        made++
        const items = question.items.map(i => (i.id === item.id ? supposed : i))
        const words = changed(plan, planFace({ ...question, items }))
        if (words) changes.push({ value, words })
      }
      if (changes.length > 0) found.push({ id: item.id, name: item.name, datum, changes })
    }
  return { found, whole: true }
}

/** What is put on, what might be instead, and what could be if anybody knew its colour. */
function likely({ items }: PlanQuestion, { layers }: FacePlan): KitItem[] {
  const ids = [
    ...layers.flatMap(idsOf),
    ...layers.flatMap(l => l.alternatives.flatMap(a => a.drops?.map(d => d.id) ?? [a.item.id])),
    ...items.filter(i => i.lab === null && i.kind === 'foundation').map(i => i.id),
  ]
  const byId = new Map(items.map(i => [i.id, i]))
  return [...new Set(ids)].flatMap(id => byId.get(id) ?? [])
}
const idsOf = ({ item, drops }: Layer): string[] => drops?.map(d => d.id) ?? [item.id]

/** Where two plans first differ; empty where the same goes on in the same places. */
function changed(before: FacePlan, after: FacePlan): string {
  const said = ({ item, drops }: Layer) =>
    drops
      ? drops
          .map(d => `${d.id} ${d.count}`)
          .sort()
          .join()
      : item.id
  const then = new Map(after.layers.map(l => [l.key, l]))
  for (const layer of before.layers) {
    const now = then.get(layer.key)
    if (!now) return `nothing is put on as ${layer.name.toLowerCase()}`
    if (said(now) !== said(layer))
      return idsOf(now).join() === idsOf(layer).join() || now.item.name === layer.item.name
        ? `${layer.name} is mixed otherwise`
        : `${now.item.name} instead of ${layer.item.name} as ${layer.name.toLowerCase()}`
  }
  const known = new Set(before.layers.map(l => l.key))
  const added = after.layers.find(l => !known.has(l.key))
  return added ? `${added.item.name} goes on as ${added.name.toLowerCase()}` : ''
}
