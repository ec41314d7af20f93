import { labelsIn, shadesSaid, shadeSaid, undertoneOfLabel } from './shades'

describe('the shades a line lists', () => {
  it.each([
    ['skin tint 02 04 06 30 ml', ['02', '04', '06']],
    ['fluid N10–N40', ['N10', 'N20', 'N30', 'N40']],
    ['lip pencil 301-303', ['301', '302', '303']],
    ['base W1/W3', ['W1', 'W3']],
    ['base 1, 3, 5 and 7', ['1', '3', '5', '7']],
    ['dry rouge no. 2, no. 4', ['2', '4']],
    ['powder refills 2 x 02, 1 x 04', ['02', '04']],
  ])('%s', (line, shades) => expect(shadesSaid(line, true)?.shades).toEqual(shades))
  it.each(['mascara opened 03-2026', 'fluid 30 ml, 1/2', 'sun cream SPF 30 50', 'mat 40 × 30 cm', 'gel 2 x 15 ml'])(
    '%s has none',
    line => expect(shadesSaid(line, true)).toBeNull(),
  )
  it('of two steps between tens the tens are taken, and what is guessed is marked', () => {
    expect(shadesSaid('base 02 to 12', true)).toMatchObject({ guessed: true })
    expect(shadesSaid('base 01-06', true)).toMatchObject({ guessed: false })
  })
  it.each([
    ['Lipstick 207', '207'],
    ['foundation N3', 'N3'],
    ['HD powder', null],
    ['sun cream SPF30', null],
    ['3 brushes', null],
  ])('%s is shade %s', (line, shade) => expect(shadeSaid(line)).toBe(shade))
})

describe('labels typed into a field', () => {
  it.each([
    ['02 04 06', ['02', '04', '06']],
    ['N10–N30', ['N10', 'N20', 'N30']],
    ['Ember, Fig, Soft Dune', ['Ember', 'Fig', 'Soft Dune']],
    ['1/2/3', ['1', '2', '3']],
    ['10, 10, 20', ['10', '20']],
    ['  ', []],
  ])('%s', (text, labels) => expect(labelsIn(text)).toEqual(labels))
  it('name their undertone by a letter', () => {
    expect(['N20', 'W3', '25C', '10', 'Ember'].map(undertoneOfLabel)).toEqual(['neutral', 'golden', 'rosy', null, null])
  })
})
