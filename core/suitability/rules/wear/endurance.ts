import { when, weight, type Rule } from '../../finding'
import { isOilRich } from '../../../product/item'
import { isHard } from '../../../asked/job'
import type { SlotId } from '../../../asked/slots'

// prettier-ignore
const MUST_LAST: readonly SlotId[] = [
  'foundation', 'concealer', 'cheek', 'brows', 'eyes', 'liner', 'mascara', 'lip colour', 'body', 'set',
]
const ON_SKIN: readonly SlotId[] = ['moisturise', 'primer', 'glow', 'foundation', 'concealer']

export const endurance: Rule = {
  id: 'endurance',
  looksAt: 'heat, stage, humidity, long day',
  weigh: ({ item, slot, skinType, job }) =>
    isHard(job)
      ? when(
          [
            MUST_LAST.includes(slot) && item.wearHours !== null && item.wearHours < job.hours,
            slot === 'lip colour'
              ? weight(-0.5, `lasts ${item.wearHours} h: it goes into the pouch for the rest of the day`)
              : weight(-2, `lasts ${item.wearHours} h of a ${job.hours} h day`),
          ],
          [
            MUST_LAST.includes(slot) && item.wearHours !== null && item.wearHours >= job.hours,
            weight(1, `lasts the ${job.hours} h of the day`),
          ],
          [
            MUST_LAST.includes(slot) && job.costumeChanges && item.resists.includes('transfer'),
            weight(2, 'does not rub off on a costume'),
          ],
          [
            ON_SKIN.includes(slot) && skinType === 'oily' && isOilRich(item),
            weight(-2, 'oil on an oily skin in the heat'),
          ],
        )
      : [],
}
