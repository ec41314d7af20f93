import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { interpolate, wcagContrast } from 'culori'
import { DAY, WINGS } from './colours'

/* Whatever is read on the grey of the house can be read in both themes: WCAG 2.2 asks 4.5 of words and 3 of what is pressed. */

const WORDS = 4.5
const FORMS = 3
const css = readFileSync(join(__dirname, 'main.css'), 'utf8')
/** The colours of a theme as main.css gives them to every style. */
function tokensOf(theme: string): Record<string, string> {
  const [, block] = new RegExp(`\\.v-theme--${theme} \\{([^}]*)\\}`).exec(css)!
  return Object.fromEntries([...block!.matchAll(/--([\w-]+): (#[0-9a-f]{6});/g)].map(m => [m[1]!, m[2]!]))
}

describe.each([
  ['day', DAY],
  ['wings', WINGS],
])('the theme %s', (name, { colors, variables }) => {
  const token = tokensOf(name)

  it('is the same for Vuetify as for our own styles', () => {
    const { background, surface, primary } = colors!
    expect([token.page, token.sheet, token.ink, token.accent, token['on-accent']]).toEqual([
      background,
      surface,
      colors!['on-surface'],
      primary,
      colors!['on-primary'],
    ])
  })

  it.each(['ink', 'muted', 'accent'])('%s can be read on the page, on a sheet and on the rail', words => {
    for (const ground of ['page', 'sheet', 'rail']) {
      const contrast = wcagContrast(token[words]!, token[ground]!)
      expect([ground, contrast >= WORDS]).toEqual([ground, true])
    }
  })

  it('what is written on the accent can be read, and the accent is told from its ground', () => {
    expect(wcagContrast(token['on-accent']!, token.accent!)).toBeGreaterThanOrEqual(WORDS)
    for (const ground of ['page', 'sheet'])
      expect(wcagContrast(token.accent!, token[ground]!)).toBeGreaterThanOrEqual(FORMS)
  })

  it('labels and hints of Vuetify, which are paler than its words, can still be read', () => {
    const share = Number(variables!['medium-emphasis-opacity'])
    for (const ground of ['page', 'sheet'])
      expect(wcagContrast(interpolate([token[ground]!, token.ink!])(share), token[ground]!)).toBeGreaterThanOrEqual(
        WORDS,
      )
  })
})

it('styles take their colours from the theme, but for what has a ground of its own', () => {
  /** White labels, photographs, skin, printed charts and the message at the foot of the page. */
  const OWN_GROUND = [
    'LabelSheet',
    'MarkedPicture',
    'FaceDiagram',
    'FaceChart',
    'FieldPlace',
    'SpendCurve',
    'UndoBar',
    'MorningTimeline',
  ]
  const styled = readdirSync(join(__dirname, '..'), { recursive: true, encoding: 'utf8' })
    .filter(path => path.endsWith('.vue'))
    .filter(path => /#[0-9a-f]{3,8}\b(?=[^]*<\/style>)/i.test(styleOf(path)))
  expect(styled.filter(path => !OWN_GROUND.some(name => path.endsWith(`${name}.vue`)))).toEqual([])
})
const styleOf = (path: string) =>
  /<style[^]*<\/style>/.exec(readFileSync(join(__dirname, '..', path), 'utf8'))?.[0] ?? ''

it.each([
  ['the foot of the page', '#ffffff', '#1a1a1a'],
  ['the act at the foot of the page', '#8fd3db', '#1a1a1a'],
])('%s can be read', (_what, words, ground) => {
  expect(readFileSync(join(__dirname, '../components/frame/UndoBar.vue'), 'utf8')).toContain(words)
  expect(wcagContrast(words, ground)).toBeGreaterThanOrEqual(WORDS)
})
