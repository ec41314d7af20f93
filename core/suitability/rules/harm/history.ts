import { veto, weight, when, type Rule, type Said } from '../../finding'

export const history: Rule = {
  id: 'history',
  looksAt: 'history with this face',
  weigh({ item, face }): Said[] {
    const entries = face.history.filter(h => h.itemId === item.id)
    const of = (what: string) => entries.some(h => h.what === what)
    const times = entries.reduce((sum, h) => sum + (h.what === 'liked' || h.what === 'used' ? h.times : 0), 0)
    return when(
      [of('reaction'), veto('harm', 'this face reacted to it')],
      [of('disliked'), veto('taste', 'this face disliked it')],
      [of('liked'), weight(2, `used and liked on this face${times > 1 ? ` ${times} times` : ''}`)],
      [
        !of('liked') && of('used') && !of('reaction'),
        weight(0.5, `used ${times > 1 ? `${times} times ` : ''}on this face without trouble`),
      ],
    )
  },
}
