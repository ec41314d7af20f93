import { mixOf, SIX_BOTTLES as KIT } from '../../tests/support/sixBottles'
import { typicalSkin } from '../complexion/skins/skin'
import { doubtsAbout, afterVerdict, suspectOf } from './doubts'
import { looksAt, nextLook } from './nextLook'
import { spherical } from './reading'

const FIRST = doubtsAbout(KIT)

describe('what to look at next', () => {
  it('tells something, and no more than an answer in words can, on a face of which nothing was told', () => {
    const skin = { mean: typicalSkin(5, 'neutral'), covariance: spherical(0.5, 0.4, 0.4) }
    const look = nextLook(FIRST, looksAt(FIRST, [{ faceId: 'a', skin }]))!
    expect(KIT.map(p => p.id)).toContain(look.id)
    expect(look.tells).toBeGreaterThan(0)
    expect(look.tells).toBeLessThan(1)
  })
})

describe('learning from verdicts', () => {
  it('names nobody while nothing speaks against the kit, and hears nothing of bottles it does not know', () => {
    expect(suspectOf(FIRST)).toBeNull()
    const skin = { mean: typicalSkin(5, 'neutral'), covariance: spherical(0.5, 0.4, 0.4) }
    expect(afterVerdict(FIRST, { drops: [{ id: 'stranger', count: 1 }], faceId: 'a', skin, seen: 'too deep' })).toBe(
      FIRST,
    )
    let doubts = FIRST
    for (const p of KIT)
      doubts = afterVerdict(doubts, {
        drops: [{ id: p.id, count: 1 }],
        faceId: p.id,
        skin: { ...skin, mean: p.lab },
        seen: 'right',
      })
    expect(suspectOf(doubts)).toBeNull()
  })

  it('a mix counts for each of its bottles', () => {
    const skin = {
      mean: mixOf(
        [
          { id: 'rose', count: 1 },
          { id: 'honey', count: 1 },
        ],
        KIT,
      ),
      covariance: spherical(0.4, 0.3, 0.3),
    }
    let doubts = FIRST
    for (let i = 0; i < 4; i++)
      doubts = afterVerdict(doubts, {
        drops: [
          { id: 'rose', count: 1 },
          { id: 'honey', count: 1 },
        ],
        faceId: `${i}`,
        skin,
        seen: 'too deep',
      })
    for (let i = 0; i < 2; i++)
      doubts = afterVerdict(doubts, {
        drops: [{ id: 'honey', count: 1 }],
        faceId: 'other',
        skin: { ...skin, mean: KIT[3]!.lab },
        seen: 'right',
      })
    const suspect = suspectOf(doubts)!
    expect(suspect.id).toBe('rose')
    expect(suspect.lab.L).toBeLessThan(KIT[2]!.lab.L)
  })

  it('asks nothing where no skin was read, and after the answers asks what is still open', () => {
    expect(nextLook(FIRST, looksAt(FIRST, []))).toBeNull()
    const skins = KIT.map(p => ({ faceId: p.id, skin: { mean: p.lab, covariance: spherical(0.3, 0.3, 0.3) } }))
    const looks = looksAt(FIRST, skins)
    const first = nextLook(FIRST, looks)!
    expect(first.tells).toBeGreaterThan(0.1)
    let doubts = FIRST
    for (let i = 0; i < 4; i++)
      doubts = afterVerdict(doubts, {
        ...skins.find(s => s.faceId === first.faceId)!,
        drops: [{ id: first.id, count: 1 }],
        seen: 'right',
      })
    expect(nextLook(doubts, looks)!.id).not.toBe(first.id)
  })
})
