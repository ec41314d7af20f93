import { declaredAs } from '#core/ingredients/declared'
import { chainsWithout, type ChainWithout } from '#core/plan/chainForEveryone'
import { itemOf } from '#shared/asked/kitItem'
import type { HeldInKit } from '#shared/records/kit/kit'
import { today } from '#shared/today'
import { kitProducts } from './owned'

/* The kit without what somebody reacts to. */

const itemsInUse = async () => (await kitProducts()).filter(p => p.retiredAt === null).map(itemOf)

/** Where in the kit something is that they react to. */
export async function heldInKit(declared: readonly string[]): Promise<HeldInKit> {
  const items = await itemsInUse()
  return {
    held: declared.map(word => {
      const { meaning, asks, against } = declaredAs(word)
      return { declared: word, meaning, asks, names: items.filter(i => against(i) !== null).map(i => i.name) }
    }),
    unread: items.filter(i => i.ingredients === null).length,
  }
}

/** Whether the kit makes somebody up from bare skin to the end without each of these. */
export const chainsOfKit = async (declared: readonly string[]): Promise<ChainWithout[]> =>
  chainsWithout(declared, await itemsInUse(), today())
