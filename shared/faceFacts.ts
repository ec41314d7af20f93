import type { FaceFacts } from '#core/suitability/face'
import type { Face } from './records/faces'

/** A face as the rules see it; null until its skin has been read. */
export function factsOf(face: Face): FaceFacts | null {
  const [reading] = face.readings
  if (!reading) return null
  const { consultation: c } = face
  const times = new Map<string, FaceFacts['history'][number]>()
  for (const { productId, what } of face.history) {
    const key = `${productId} ${what}`
    times.set(key, { itemId: productId, what, times: (times.get(key)?.times ?? 0) + 1 })
  }
  return {
    id: face.id, skin: reading.lab, bare: reading.lab, skinType: face.skinType,
    zones: Object.fromEntries(c.zones.map(({ zone, type, states }) => [zone, { type: type ?? undefined, states }])),
    ageBand: face.ageBand, coverage: face.coverage, finish: face.finish, bareFaced: c.bareFaced, noScent: c.noScent, mildOnly: c.mildOnly,
    sensitivities: c.sensitivities, facialHair: c.facialHair, wantsLashes: c.lashes === 'sparse' || c.lashes === 'full' ? c.lashes : 'none', contactLenses: c.contactLenses,
    history: [...times.values()], hasRecipe: face.recipes.length > 0,
    secondTone: c.secondTone ? { skin: c.secondTone.lab, zone: c.secondTone.zone } : null,
  }
}
