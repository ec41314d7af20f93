import { DEFAULT_OPTIONS } from '#core/complexion/mixing/recipe'
import { COVERAGES, FAMILIES } from '#core/complexion/bottles/product'
import { skinAt, typicalSkin } from '#core/complexion/skins/skin'
import {
  BROW_WISHES,
  BROWS,
  CHART_AREAS,
  CHEEKS,
  EYE_SHAPES,
  EYE_STRENGTHS,
  EYES,
  GLOWS,
  LINERS,
  LIP_FINISHES,
  LIP_STRENGTHS,
  LIPS,
  NOTHING_SAID,
  SHIMMERS,
  TEMPERATURES,
} from '#core/asked/brief'
import { PROGRAMMES } from '#core/asked/programme'
import { AGE_BANDS, SKIN_TYPES, ZONE_STATES, ZONES, type FaceFacts } from '#core/asked/face'
import { readIngredients } from '#core/ingredients/ingredients'
import {
  CLAIMS,
  DISPENSERS,
  FILTERS,
  FINISHES,
  ITEM_KINDS,
  RESISTANCES,
  SPARKLES,
  TEXTURES,
  type ItemKind,
  type KitItem,
} from '#core/product/item'
import { JOB_TYPES, USUAL, type JobFacts } from '#core/asked/job'
import type { PlanQuestion } from '#core/plan/facePlan'
import { need } from '#core/plan/needs/need'
import { USUAL_SETTINGS, type PlanSettings } from '#core/asked/settings'
import { placeOf, zonesOf, type PlaceKey } from '#core/asked/slots'
import type { SlotUse } from '#core/plan/needs/uses'
import type { seeded } from './random'

export const DAY = '2026-12-05'

export const item = (kind: ItemKind, more: Partial<KitItem> = {}): KitItem => ({
  id: kind,
  name: `a ${kind}`,
  kind,
  alsoFor: [],
  range: '',
  family: 'water',
  finish: 'natural',
  coverage: 'medium',
  buildable: false,
  lab: null,
  texture: 'fluid',
  wearHours: null,
  resists: [],
  spf: 0,
  filter: 'none',
  sparkle: 'none',
  dispenser: 'bottle',
  claims: [],
  ingredients: [],
  flags: [],
  safeFor: ['face', 'eyes', 'lips', 'body'],
  seenByClients: false,
  level: 1,
  size: 30,
  priceMinor: 2000,
  isOpen: false,
  useBy: null,
  own: false,
  ...more,
})
export const withList = (kind: ItemKind, inci: string, more: Partial<KitItem> = {}): KitItem => {
  const { ingredients, flags, family } = readIngredients(inci)
  return item(kind, { ingredients, flags: flags.map(f => f.flag), family, ...more })
}

export const face = (more: Partial<FaceFacts> = {}): FaceFacts => ({
  id: 'face',
  skin: typicalSkin(5, 'neutral'),
  bare: typicalSkin(5, 'neutral'),
  skinType: 'normal',
  zones: {},
  ageBand: 'adult',
  coverage: 'medium',
  finish: 'natural',
  bareFaced: false,
  noScent: false,
  mildOnly: false,
  sensitivities: [],
  facialHair: false,
  wantsLashes: 'none',
  lashExtensions: false,
  contactLenses: false,
  history: [],
  recipes: [],
  programme: null,
  brief: NOTHING_SAID,
  chart: [],
  hairColour: '',
  browColour: '',
  eyeColour: '',
  normallyWears: '',
  brows: 'not noted',
  eyeShape: 'not noted',
  eyeSize: 'not noted',
  secondTone: null,
  ...more,
})

export const job = (more: Partial<JobFacts> = {}): JobFacts => ({ ...USUAL.personal, ...more })
export const settings = (more: Partial<PlanSettings> = {}): PlanSettings => ({ day: DAY, ...USUAL_SETTINGS, ...more })

export const question = (items: readonly KitItem[], more: Partial<PlanQuestion> = {}): PlanQuestion => ({
  face: face(),
  job: job(),
  settings: settings(),
  items,
  options: { ...DEFAULT_OPTIONS, maxDrops: 4 },
  overrides: [],
  ...more,
})

/** A place of a plan, there for some reason. */
export const place = (key: PlaceKey, more: Partial<SlotUse> = {}): SlotUse => {
  const { slot } = placeOf(key)!
  return {
    key,
    slot,
    name: key,
    where: null,
    zones: zonesOf(slot),
    skinType: 'normal',
    tone: null,
    concern: null,
    aim: null,
    needs: [need('programme', 'programme', slot, 'it was asked', { key })],
    ...more,
  }
}

type Random = ReturnType<typeof seeded>
const some = <T>(random: Random, list: readonly T[], chance: number) => list.filter(() => random.between(0, 1) < chance)

// prettier-ignore
const LISTS = [
  'Aqua, Glycerin, Panthenol', 'Aqua, Dimethicone, Parfum, Linalool', 'Ricinus Communis Seed Oil, Lanolin, Cera Alba',
  'Talc, Mica, Silica', 'Isododecane, Trimethylsiloxysilicate', 'Aqua, Alcohol Denat., Lavandula Angustifolia Oil',
  'Dimethicone, Titanium Dioxide [nano], Carmine', 'Aqua, Prunus Amygdalus Dulcis Oil, Hydrolyzed Wheat Protein',
  'Aqua, Magnesium Hydroxide, Simethicone',
]

/** Anything a kit might hold, sensible or not. */
export function randomItem(id: string, random: Random): KitItem {
  const kind = random.pick(ITEM_KINDS)
  const list = random.pick([...LISTS, null])
  const read = list === null ? null : readIngredients(list)
  return item(kind, {
    id,
    name: `${kind} ${id}`,
    family: read?.family ?? random.pick(FAMILIES),
    finish: random.pick(FINISHES),
    coverage: random.pick(COVERAGES),
    buildable: random.pick([true, false]),
    alsoFor: random.pick([[], [], [random.pick(ITEM_KINDS)]]),
    range: random.pick(['', 'Quay', 'Lantern']),
    lab:
      kind === 'foundation' || kind === 'adjuster' || kind === 'concealer'
        ? skinAt(random.between(1, 12), random.between(-8, 8), random.between(0.9, 1.1))
        : random.pick([null, { L: 60, a: 25, b: 20 }]),
    texture: random.pick(TEXTURES),
    wearHours: random.pick([null, 4, 8, 16]),
    resists: some(random, RESISTANCES, 0.3),
    spf: random.pick([null, 0, 15, 30, 50]),
    filter: random.pick(FILTERS),
    sparkle: random.pick(SPARKLES),
    dispenser: random.pick(DISPENSERS),
    claims: some(random, CLAIMS, 0.2),
    ingredients: read?.ingredients ?? null,
    flags: read?.flags.map(f => f.flag) ?? [],
    safeFor: random.pick([['face'], ['face', 'eyes', 'lips', 'body'], ['eyes', 'face'], ['lips']]),
    level: random.pick([0, 0.05, 0.5, 1]),
    priceMinor: random.pick([null, 900, 3200]),
    useBy: random.pick([null, '2026-06-01', '2027-06-01']),
    own: random.between(0, 1) < 0.05,
  })
}

export function randomFace(random: Random, items: readonly KitItem[]): FaceFacts {
  const skin = skinAt(random.between(1, 12), random.between(-8, 10), random.between(0.88, 1.1))
  const zones: FaceFacts['zones'] = {}
  for (const zone of some(random, ZONES, 0.4))
    zones[zone] = { type: random.pick([undefined, ...SKIN_TYPES]), states: some(random, ZONE_STATES, 0.12) }
  return face({
    skin,
    bare: skin,
    zones,
    skinType: random.pick(SKIN_TYPES),
    ageBand: random.pick(AGE_BANDS),
    coverage: random.pick(COVERAGES),
    finish: random.pick(FINISHES),
    bareFaced: random.pick([true, false]),
    noScent: random.pick([true, false]),
    mildOnly: random.pick([true, false]),
    sensitivities: some(random, ['lanolin', 'perfume', 'nuts', 'carmine', 'panthenol'], 0.2),
    facialHair: random.pick([true, false]),
    wantsLashes: random.pick(['none', 'sparse', 'full'] as const),
    lashExtensions: random.pick([true, false]),
    history: some(random, items, 0.1).map(i => ({
      itemId: i.id,
      what: random.pick(['liked', 'used', 'disliked', 'reaction'] as const),
      times: 2,
    })),
    secondTone: random.pick([null, { skin: skinAt(7, 0, 1), zone: 'chin' as const }]),
    programme: random.pick([null, null, ...PROGRAMMES]),
    brief: {
      shimmer: { eyes: random.pick(SHIMMERS), cheeks: random.pick(SHIMMERS), lips: random.pick(SHIMMERS) },
      glow: random.pick(GLOWS),
      lip: random.pick(LIPS),
      lipStrength: random.pick(LIP_STRENGTHS),
      lipFinish: random.pick(LIP_FINISHES),
      eyes: random.pick(EYES),
      eyeTemperature: random.pick(TEMPERATURES),
      eyeStrength: random.pick(EYE_STRENGTHS),
      liner: random.pick(LINERS),
      brows: random.pick(BROW_WISHES),
      cheeks: random.pick(CHEEKS),
    },
    chart: some(random, CHART_AREAS, 0.1).map(area => ({
      area,
      lab: { L: random.between(20, 80), a: random.between(0, 25), b: random.between(0, 20) },
      itemId: random.pick([null, random.pick(items).id]),
      name: area,
    })),
    hairColour: random.pick(['', 'black', 'fair', 'copper']),
    eyeColour: random.pick(['', 'green', 'dark brown']),
    normallyWears: random.pick(['', 'nothing, ever', 'a little mascara', 'a full face']),
    brows: random.pick(BROWS),
    eyeShape: random.pick(EYE_SHAPES),
  })
}

export const randomJob = (random: Random): JobFacts => ({
  ...USUAL[random.pick(JOB_TYPES)],
  flash: random.pick([true, false]),
  outdoors: random.pick([true, false]),
  tears: random.pick([true, false]),
  limbs: random.pick([0, 0, 2]),
})
