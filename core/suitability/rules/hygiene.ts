import { zonesIn } from '../face'
import { note, veto, weight, when, type Rule, type Said } from '../finding'
import { slotPlan, type SlotId } from '../../plan/slots'

// prettier-ignore
const ON_SKIN: readonly SlotId[] = [
  'tone', 'mask', 'primer', 'glow', 'corrector', 'foundation', 'concealer', 'powder', 'contour', 'bronze', 'cheek',
  'highlight',
]

/** Where a product is put on straight from the pack, so that the pack would touch broken skin. */
const touches = (dispenser: string) => dispenser === 'stick' || dispenser === 'wand' || dispenser === 'pencil'

export const brokenSkin: Rule = {
  id: 'single-use-broken-skin',
  looksAt: 'broken or sunburnt skin',
  weigh({ item, slot, face }): Said[] {
    const raw = zonesIn(face, 'broken', 'sunburnt').filter(z => z !== 'lips' && z !== 'eye area')
    if (raw.length === 0 || !ON_SKIN.includes(slot) || item.own) return []
    return when(
      [
        touches(item.dispenser),
        veto('harm', `goes on straight from a pack that others share; ${raw.join(' and ')} is broken or sunburnt`),
      ],
      [!touches(item.dispenser), note(`disposables only on ${raw.join(' and ')}, or leave it bare`)],
    )
  },
}

/** Eyes and lips take only what is sold for them. */
export const safePlaces: Rule = {
  id: 'eye-area',
  looksAt: 'safe for the place',
  weigh({ item, slot, face }): Said[] {
    const { place } = slotPlan(slot)
    return when(
      [!item.safeFor.includes(place), veto('harm', `not sold for the ${place}`)],
      [
        place === 'eyes' && face.contactLenses && item.texture === 'loose powder',
        note('contact lenses: loose powder may get behind them'),
      ],
    )
  },
}

/** Signs of an infection stop the work on that area. */
export const stopInfection: Rule = {
  id: 'stop-infection',
  looksAt: 'signs of infection',
  weigh({ slot, face }): Said[] {
    const sick = new Set(zonesIn(face, 'signs of infection'))
    const { ground, place } = slotPlan(slot)
    const stopped =
      (sick.has('eye area') && place === 'eyes')
      || (sick.has('lips') && ground === 'lips')
      || ([...sick].some(z => z !== 'eye area' && z !== 'lips') && ground === 'skin')
    return when([stopped, veto('harm', 'signs of infection: leave the area alone and suggest a pharmacist or doctor')])
  },
}

export const chappedLips: Rule = {
  id: 'chapped-lips',
  looksAt: 'chapped or broken lips',
  weigh({ item, slot, face }): Said[] {
    const states = face.zones.lips?.states ?? []
    return when(
      [
        slot === 'lip care' && states.includes('broken') && item.texture === 'other',
        veto('harm', 'no scrub on broken lips'),
      ],
      [
        slot === 'lip colour' && states.includes('chapped') && item.finish === 'matte',
        weight(-2, 'matte dries chapped lips further'),
      ],
      [
        slot === 'lip colour' && (item.wearHours ?? 0) >= 12 && states.includes('chapped'),
        weight(-1, 'a long-wear lip alone dries'),
      ],
    )
  },
}
