import { NOTHING_SAID } from '../asked/brief'
import { proposalsFrom, saysSo, withProposal } from './freeWords'

const read = (text: string) =>
  proposalsFrom(text).map(({ set }) =>
    set.field === 'shimmer' ? `shimmer ${set.at}: ${set.value}` : `${set.field}: ${set.value}`,
  )

describe('what words propose', () => {
  it.each([
    ['No shimmer please', ['shimmer eyes: none', 'shimmer cheeks: none', 'shimmer lips: none']],
    ['My usual red, and no liner.', ['lip: cool red', 'liner: none']],
    [
      'A brick red lip. Smoky eyes with a little shimmer on the lids',
      ['lip: warm red', 'eyes: smoky', 'shimmer eyes: a little'],
    ],
    ['just balm, leave my brows', ['lip: theirs', 'brows: leave']],
    ['sun-kissed, dewy; brown liner', ['glow: yes', 'cheeks: bronzed', 'liner: brown']],
    ['Not too shiny, no lipstick', ['glow: none', 'lip: bare']],
    ['glitter everywhere', ['shimmer eyes: yes', 'shimmer cheeks: yes', 'shimmer lips: yes']],
    ['Married fifty years; wants to look like herself.', []],
    ['', []],
  ])('%s', (text, expected) => expect(read(text).sort()).toEqual([...expected].sort()))

  it('of one setting the first word stands', () => expect(read('nude lips, or a red lip')).toEqual(['lip: nude']))

  it('sets nothing by itself: it is taken into the brief when it is confirmed', () => {
    const [no] = proposalsFrom('no shimmer')
    expect(saysSo(NOTHING_SAID, no!)).toBe(false)
    const brief = withProposal(NOTHING_SAID, no!)
    expect(brief.shimmer.eyes).toBe('none')
    expect(saysSo(brief, no!)).toBe(true)
    expect(withProposal(NOTHING_SAID, proposalsFrom('a wing')[0]!).liner).toBe('wing')
  })
})
