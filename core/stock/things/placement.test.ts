import { skinPlace, typicalSkin } from '../../complexion/skins/skin'
import { difference } from '../../colour/difference'
import { besideBottle, DEPTH_WORDS, fromDepthWord, type DepthWord } from './placement'

describe('where a bottle sits', () => {
  it.each(Object.keys(DEPTH_WORDS) as DepthWord[])('"%s" olive is olive at its depth', word => {
    const place = skinPlace(fromDepthWord(word, 'olive'))
    expect(place.undertone).toBe('olive')
    expect(place.depth).toBeCloseTo(DEPTH_WORDS[word], 9)
  })
  it('beside a bottle goes the way it is told', () => {
    const bottle = typicalSkin(5, 'neutral')
    expect(besideBottle(bottle, 0, 0).L).toBeCloseTo(bottle.L, 9)
    expect(difference(besideBottle(bottle, 0, 0), bottle)).toBeLessThan(1e-6)
    expect(besideBottle(bottle, 1, 0).L).toBeLessThan(bottle.L)
    expect(skinPlace(besideBottle(bottle, 0, -1)).undertone).toBe('rosy')
    expect(skinPlace(besideBottle(bottle, -1, 1)).depth).toBeLessThan(5)
  })
})
