import { isLongWear, isScrub, type ItemKind } from '../../../product/item'
import { zonesIn, type Zone } from '../../../asked/face'
import { note, veto, weight, when, type Rule, type Said, type Weighing } from '../../finding'
import { slotPlan, zonesOf, type SlotId } from '../../../asked/slots'

const zonesAt = ({ zones, slot }: Pick<Weighing, 'zones' | 'slot'>): readonly Zone[] => zones ?? zonesOf(slot)

/** Colour and texture for their own sake: nothing that a raw skin needs. */
// prettier-ignore
const LEFT_BARE: readonly SlotId[] = [
  'tone', 'mask', 'primer', 'glow', 'contour', 'bronze', 'cheek', 'highlight', 'eye primer', 'eyes', 'liner', 'mascara',
  'lash glue', 'lashes', 'lip liner', 'lip colour', 'lip top', 'powder', 'corrector', 'concealer',
]
/** Only what lies on that zone and nowhere else is left away with it; a base goes around it. */
const OF_ONE_PLACE = (zones: readonly Zone[], raw: readonly Zone[]) =>
  zones.length > 0 && zones.every(z => raw.includes(z))
/** Drawn or rubbed on by the pack itself; a wand or pot is decanted with a clean tool and stays away. */
const touches = (dispenser: string) => dispenser === 'stick' || dispenser === 'pencil'
const RUBS: readonly ItemKind[] = ['toner', 'mask']

export const brokenSkin: Rule = {
  id: 'single-use-broken-skin',
  looksAt: 'broken or sunburnt skin',
  weigh(weighing): Said[] {
    const { item, slot, face } = weighing
    const zones = zonesAt(weighing)
    const raw = zonesIn(face, 'broken', 'sunburnt').filter(z => zones.includes(z))
    if (raw.length === 0) return []
    const where = `${raw.join(' and ')} ${raw.length > 1 || raw[0]!.endsWith('s') ? 'are' : 'is'} broken or sunburnt`
    const bare = LEFT_BARE.includes(slot) && OF_ONE_PLACE(zones, raw)
    const stings =
      item.flags.includes('drying alcohol') || item.flags.includes('essential oil') || RUBS.includes(item.kind)
    return when(
      [bare, veto('harm', `${where}: the area is left bare`)],
      [!bare && stings, veto('harm', `${where}: nothing that stings or rubs`)],
      [
        !bare && !stings && touches(item.dispenser) && !item.own,
        veto('harm', `goes on straight from a pack that others share; ${where}`),
      ],
      [
        !bare && !stings && !(touches(item.dispenser) && !item.own),
        note(`disposables only on ${raw.join(' and ')}, or leave it bare`),
      ],
    )
  },
}

/** Eyes and lips take only what is sold for them. */
export const safePlaces: Rule = {
  id: 'eye-area',
  looksAt: 'safe for the place',
  weigh({ item, slot, face, zones }): Said[] {
    const { place } = slotPlan(slot)
    const atEye = place === 'eyes' || (zones?.length === 1 && zones[0] === 'eye area' && slot !== 'powder')
    return when(
      [!item.safeFor.includes(place), veto('harm', `not sold for the ${place}`)],
      [
        place !== 'eyes' && atEye && item.sparkle === 'coarse',
        veto('harm', 'coarse sparkle near the eye: only what is sold for eyes'),
      ],
      [
        atEye && face.contactLenses && item.texture === 'loose powder',
        note('contact lenses: loose powder may get behind them'),
      ],
    )
  },
}

/** Signs of an infection stop the work on that area. */
export const stopInfection: Rule = {
  id: 'stop-infection',
  looksAt: 'signs of infection',
  weigh(weighing): Said[] {
    const sick = zonesIn(weighing.face, 'signs of infection')
    const { ground } = slotPlan(weighing.slot)
    const zones = zonesAt(weighing)
    const onSkin = ground === 'skin' && sick.some(z => z !== 'eye area' && z !== 'lips')
    return when([
      onSkin || sick.some(z => zones.includes(z)),
      veto('harm', 'signs of infection: leave the area alone and suggest a pharmacist or doctor'),
    ])
  },
}

export const chappedLips: Rule = {
  id: 'chapped-lips',
  looksAt: 'chapped or broken lips',
  weigh({ item, slot, face }): Said[] {
    const states = face.zones.lips?.states ?? []
    return when(
      [slot === 'lip care' && states.includes('broken') && isScrub(item), veto('harm', 'no scrub on broken lips')],
      [
        slot === 'lip colour' && states.includes('chapped') && item.finish === 'matte',
        weight(-2, 'matte dries chapped lips further'),
      ],
      [
        slot === 'lip colour' && isLongWear(item) && states.includes('chapped'),
        weight(-1, 'a long-wear lip alone dries'),
      ],
    )
  },
}
