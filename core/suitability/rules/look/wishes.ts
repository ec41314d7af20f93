import { COVERAGES } from '../../../complexion/bottles/product'
import { weight, when, type Rule } from '../../finding'
import { FINISHES, isLongWear } from '../../../product/item'

const apart = <T>(list: readonly T[], x: T, y: T) => Math.abs(list.indexOf(x) - list.indexOf(y))

/** What the person asked for: the base comes as near as the kit allows. */
export const wishes: Rule = {
  id: 'wishes',
  looksAt: 'wishes for coverage and finish',
  weigh({ item, slot, face, settings, aim }) {
    if (slot === 'lashes') {
      const full = item.coverage !== 'sheer'
      return when(
        [face.wantsLashes === 'full' && full, weight(2, 'full lashes, as asked')],
        [face.wantsLashes === 'sparse' && !full, weight(2, 'sparse lashes, as asked')],
      )
    }
    if (slot === 'lip colour' && aim?.is === 'lip' && aim.words === 'their own lips')
      return when([item.finish === 'matte' || isLongWear(item), weight(-1.5, 'a lip that stays is no bare lip')])
    if (slot === 'primer') return when([settings.primer === 'always', weight(2, 'you always prime')])
    if (slot !== 'foundation') return []
    const cover = apart(COVERAGES, item.coverage, face.coverage)
    const finish = apart(FINISHES, item.finish, face.finish)
    return when(
      [cover === 0, weight(1, `${item.coverage} cover, as asked`)],
      [cover === 1, weight(-0.5, `${item.coverage} cover where ${face.coverage} was asked`)],
      [cover >= 2, weight(-cover, `${item.coverage} cover where ${face.coverage} was asked`)],
      [finish === 0, weight(1, `${item.finish}, as asked`)],
      [finish >= 2, weight(-0.5 * finish, `${item.finish} where ${face.finish} was asked`)],
    )
  },
}
