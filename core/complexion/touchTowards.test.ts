import { ADJUSTERS, shade } from '../../tests/support/kits'
import { difference } from '../colour/difference'
import { packPigments } from './bottles/pigments'
import { typicalSkin } from './skins/skin'
import { mixLab, touchTowards } from './mixing/touch'

describe('bringing an old recipe to the skin as it is now', () => {
  const pigments = packPigments([shade(3), shade(5), shade(8), ...ADJUSTERS])
  it('a skin gone deeper gets a deeper drop, and the mix comes nearer', () => {
    const recipe = [
      { id: 's5', count: 2 },
      { id: 's3', count: 1 },
    ]
    const skin = typicalSkin(5.5, 'neutral')
    const touch = touchTowards(pigments, recipe, skin)!
    expect(touch.add.id).toBe('s8')
    expect(difference(touch.lab, skin)).toBeLessThan(difference(mixLab(pigments, recipe), skin))
  })
  it('is nothing when the recipe is the skin already', () => {
    expect(touchTowards(pigments, [{ id: 's5', count: 1 }], shade(5).lab)).toBeUndefined()
  })
})
