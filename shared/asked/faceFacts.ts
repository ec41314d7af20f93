import type { FaceFacts } from '#core/asked/face'
import type { Covariance } from '#core/reading/reading'
import { newestBySite } from '#core/reading/sites'
import { tannedOnTheDay, targetOnTheDay, type DayTarget, type TanReading } from '#core/reading/tan'
import type { Face, FaceReading } from '../records/people/faces'

const asRead = ({ lab, covariance, site, tanned }: FaceReading): TanReading => ({
  mean: lab,
  covariance: covariance as unknown as Covariance,
  site,
  tanned,
})

/** What a base has to agree with on this face, from the sites that count, with a fake tan on or without; null until one is read. */
export const targetReading = (face: Pick<Face, 'readings' | 'consultation'>): DayTarget | null =>
  targetOnTheDay(face.readings.map(asRead), face.consultation.siteWeights, face.consultation.tanOn)

/** A face as the rules see it; null until its skin has been read. */
export function factsOf(face: Face): FaceFacts | null {
  const target = targetReading(face)
  if (!target) return null
  // The base lies on the cheek and forehead; the jaw stands in for what was not read.
  const tanOn = tannedOnTheDay(face.readings, face.consultation.tanOn)
  const sites = newestBySite(face.readings.filter(r => r.tanned === tanOn))
  const bare = (sites.get('cheek') ?? sites.get('forehead'))?.lab ?? target.mean
  const { consultation: c } = face
  const times = new Map<string, FaceFacts['history'][number]>()
  for (const { productId, what } of face.history) {
    const key = `${productId} ${what}`
    times.set(key, { itemId: productId, what, times: (times.get(key)?.times ?? 0) + 1 })
  }
  return {
    id: face.id,
    skin: target.mean,
    bare,
    skinType: face.skinType,
    zones: Object.fromEntries(c.zones.map(({ zone, type, states }) => [zone, { type: type ?? undefined, states }])),
    ageBand: face.ageBand,
    coverage: face.coverage,
    finish: face.finish,
    bareFaced: c.bareFaced,
    noScent: c.noScent,
    mildOnly: c.mildOnly,
    sensitivities: c.sensitivities,
    packsRead: c.packsRead,
    facialHair: c.facialHair,
    wantsLashes: c.lashes === 'sparse' || c.lashes === 'full' ? c.lashes : 'none',
    lashExtensions: c.lashes === 'extensions',
    contactLenses: c.contactLenses,
    history: [...times.values()],
    recipes: face.recipes.map(r => r.drops),
    programme: c.programme,
    brief: c.brief,
    chart: c.chart.map(({ area, lab, productId, note }) => ({ area, lab, itemId: productId ?? null, name: note })),
    hairColour: c.hairColour,
    browColour: c.browColour,
    eyeColour: c.eyeColour,
    normallyWears: c.normallyWears,
    brows: c.brows,
    eyeShape: c.eyeShape,
    eyeSize: c.eyeSize,
    secondTone: c.secondTone ? { skin: c.secondTone.lab, zone: c.secondTone.zone } : null,
  }
}
