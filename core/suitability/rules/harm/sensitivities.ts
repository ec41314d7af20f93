import { againstOnceRead, declaredAs } from '../../../ingredients/declared'
import { note, veto, type Rule, type Said } from '../../finding'

/**
 * What was declared stops a product that holds it, is called so or usually holds it; a word that is not understood stops everything until
 * the artist has asked. A list that is not on record is asked for, never assumed clean.
 */
export const sensitivities: Rule = {
  id: 'sensitivities',
  looksAt: 'sensitivities',
  weigh({ item, face }): Said[] {
    const declared = face.sensitivities.map(declaredAs)
    const against = face.sensitivities.flatMap(word => {
      const said = declaredAs(word)
      const { label, meaning } = said
      const why = face.packsRead?.includes(word) ? againstOnceRead(said, item) : said.against(item)
      return why === null ? [] : [veto('harm', `${why}; ${meaning === 'unknown' ? `“${label}”` : label} was declared`)]
    })
    if (against.length > 0) return against
    const mayBeHeld = declared.some(d => d.meaning !== 'elsewhere' && d.meaning !== 'nothing')
    return mayBeHeld && item.ingredients === null
      ? [note('the list is missing: ask or read the pack before it goes on')]
      : []
  },
}
