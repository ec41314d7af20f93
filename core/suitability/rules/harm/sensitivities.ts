import { foundIn, substanceFor } from '../../../ingredients/substances'
import { note, veto, type Rule, type Said } from '../../finding'

/** Only what was declared stops a product; a list that is not on record is asked for, never assumed clean. */
export const sensitivities: Rule = {
  id: 'sensitivities',
  looksAt: 'sensitivities',
  weigh({ item, face }): Said[] {
    if (face.sensitivities.length === 0) return []
    if (item.ingredients === null) return [note('the list is missing: ask or read the pack before it goes on')]
    const list = item.ingredients
    return face.sensitivities.flatMap(declared => {
      const found = foundIn(declared, list)
      return found.length > 0
        ? [veto('harm', `holds ${found.join(', ')}; ${substanceFor(declared).label} was declared`)]
        : []
    })
  },
}
