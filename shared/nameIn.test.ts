import { isNamed, likePattern, partsOf, renamed } from './nameIn'

describe('a name in what somebody wrote', () => {
  it('is looked for whole and by its parts, the longest first; what is too short is not', () => {
    expect(partsOf('Orla  Ndiaye-Brandt')).toEqual(['Orla Ndiaye-Brandt', 'Ndiaye-Brandt', 'Ndiaye', 'Brandt', 'Orla'])
    expect(partsOf('Mo Li')).toEqual(['Mo Li'])
    expect(partsOf('  ')).toEqual([])
  })

  it('is found in any case and as somebody’s, and not inside another word', () => {
    const parts = partsOf('Orla Quendelin')
    for (const text of [
      "ORLA's veil",
      'for orla',
      'Orlas Tag',
      'Quendelin, 9:30',
      '(Orla)',
      'Orla’s',
      'Orla\nQuendelin',
    ])
      expect([text, isNamed(text, parts)]).toEqual([text, true])
    for (const text of ['Orlando', 'Morla', 'quendelins2', 'Orl', ''])
      expect([text, isNamed(text, parts)]).toEqual([text, false])
  })

  it('is found with its accents in either form, and in scripts without spaces', () => {
    const parts = partsOf('Élodie Straße')
    expect(isNamed('für E\u0301lodie', parts)).toBe(true)
    expect(isNamed('ÉLODIE', parts)).toBe(true)
    expect(isNamed('明日は李小の日', partsOf('李小'))).toBe(true)
    expect(isNamed('на свадьбу, Ольга', partsOf('Ольга'))).toBe(true)
    expect(isNamed('Ndiaye–Brandt', partsOf('O Ndiaye-Brandt'))).toBe(true)
  })

  it('gives way to another word everywhere it stands', () => {
    const parts = partsOf('Orla Quendelin')
    expect(renamed("Orla Quendelin: Orla's veil, ask QUENDELIN", parts, 'somebody')).toBe(
      "Somebody: somebody's veil, ask somebody",
    )
    expect(renamed('Orla costs $5', parts, '$&')).toBe('$& costs $5')
  })

  it('has a pattern that leaves none of them out', () => {
    const like = (text: string, pattern: string) =>
      new RegExp(
        `^${pattern
          .replace(/[.*+?^${}()|[\]\\]/g, '\\$&')
          .replace(/%/g, '[^]*')
          .replace(/_/g, '.')}$`,
        'i',
      ).test(text)
    for (const [part, text] of [
      ['Élodie', 'e\u0301LODIE '],
      ['Orla Q', 'an Orla\nq'],
      ['100%', 'x 100% y'],
      ['Ольга', 'к ольга'],
    ] as const)
      expect([part, like(text, likePattern(part))]).toEqual([part, true])
  })
})
