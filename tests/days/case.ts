import { NOTHING_SAID, type ChartMark, type LookBrief } from '#core/asked/brief'
import type { PlanSettings } from '#core/asked/settings'
import { skinAt } from '#core/complexion/skins/skin'
import type { FaceFacts, Zone, ZoneState } from '#core/asked/face'
import { USUAL, type JobFacts, type JobType } from '#core/asked/job'
import type { KitItem } from '#core/product/item'
import { face, withList } from '../support/suitability'

/*
 * Faces in a day, in addition to those of the demo: each with what a good artist would do and would not, on the kit of the demo.
 */
export interface DayCase {
  /** Who and what for, as an artist would say it. */
  who: string
  face: FaceFacts
  job: JobFacts
  settings?: Partial<PlanSettings>
  /** Things carried in addition to the kit of the demo. */
  extra?: readonly KitItem[]
  /** What of the demo's kit was left at home. */
  without?: (item: KitItem) => boolean
  expect: {
    programme?: FaceFacts['programme']
    /** Places that are filled. */
    has?: readonly string[]
    /** Places that are not there. */
    lacks?: readonly string[]
    /** What stands in a place, by what it must be. */
    is?: Readonly<Record<string, (item: KitItem) => boolean>>
    /** What no layer, alternative or offer may be. */
    never?: (item: KitItem) => boolean
    /** What must be listed as missing or not as asked. */
    tells?: readonly RegExp[]
    /** What is done besides the layers. */
    steps?: readonly string[]
    noSteps?: readonly string[]
    minutes?: readonly [least: number, most: number]
    /** Which place comes before which. */
    order?: readonly (readonly [before: string, after: string])[]
  }
}

interface Who extends Partial<Omit<FaceFacts, 'zones' | 'brief' | 'skin'>> {
  skin: readonly [depth: number, deviation?: number, ratio?: number]
  zones?: Partial<Record<Zone, readonly ZoneState[]>>
  brief?: Partial<LookBrief>
}
export const who = ({ skin, zones = {}, brief = {}, ...more }: Who): FaceFacts => {
  const [depth, deviation = 0, ratio = 1] = skin
  const lab = skinAt(depth, deviation, ratio)
  return face({
    skin: lab,
    bare: lab,
    zones: Object.fromEntries(Object.entries(zones).map(([zone, states]) => [zone, { states }])),
    brief: { ...NOTHING_SAID, ...brief },
    ...more,
  })
}
export const on = (type: JobType, differs: Partial<JobFacts> = {}): JobFacts => ({ ...USUAL[type], ...differs })
export const mark = (area: ChartMark['area'], L: number, a: number, b: number, name = ''): ChartMark => ({
  area,
  lab: { L, a, b },
  itemId: null,
  name,
})

export const EYE_WORK = ['eyes', 'eyes: crease', 'liner', 'mascara', 'lashes', 'eye primer']
export const COLOUR = [...EYE_WORK, 'cheek', 'contour', 'bronze', 'highlight', 'lip colour', 'lip liner', 'lip top']
export const matte = (i: KitItem) => i.finish === 'matte' || i.finish === 'satin'
export const plain = (i: KitItem) => i.sparkle === 'none'
export const scented = (i: KitItem) => i.flags.includes('fragrance') || i.flags.includes('fragrance allergen')
export const holds =
  (...names: string[]) =>
  (i: KitItem) =>
    names.some(n => i.ingredients?.includes(n))
export const red = (i: KitItem) => i.lab !== null && i.lab.a > 30 && i.lab.L < 55
export const named = (is: RegExp) => (i: KitItem) => is.test(i.name)

export const LATEX_FREE = withList('lash glue', 'Aqua, Acrylates Copolymer, Glycerin', {
  id: 'glue2',
  name: 'Plain glue',
})
export const ANTACID = withList('primer', 'Aqua, Magnesium Hydroxide, Simethicone', {
  id: 'antacid',
  name: 'White tablet milk',
})
