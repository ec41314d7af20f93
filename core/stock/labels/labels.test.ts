import { labelOf } from './labels'
import { LABEL_FORMATS, PAPERS, sheetsFor, spotsOf, type LabelFormat, type Paper } from './labelSheet'

const FORMATS = Object.keys(LABEL_FORMATS) as LabelFormat[]

describe.each(Object.keys(PAPERS) as Paper[])('labels on %s', paper => {
  it.each(FORMATS)('%s lie on the paper beside one another, and leave no room for one more', format => {
    const spots = spotsOf(paper, format)
    const { width, height, gap } = LABEL_FORMATS[format]
    const page = PAPERS[paper]
    for (const { x, y } of spots) {
      expect(Math.min(x, y)).toBeGreaterThanOrEqual(8 - 1e-9)
      expect(x + width).toBeLessThanOrEqual(page.width - 8 + 1e-9)
      expect(y + height).toBeLessThanOrEqual(page.height - 8 + 1e-9)
    }
    for (const [i, s] of spots.entries())
      for (const t of spots.slice(i + 1))
        expect(Math.abs(s.x - t.x) >= width + gap - 1e-9 || Math.abs(s.y - t.y) >= height + gap - 1e-9).toBe(true)
    const left = page.width - 16 - (new Set(spots.map(s => s.x.toFixed(3))).size * (width + gap) - gap)
    expect(left).toBeLessThan(width + gap)
    expect(sheetsFor(spots.length, 0, paper, format)).toBe(1)
    expect(sheetsFor(spots.length, 1, paper, format)).toBe(2)
  })
})

describe('what stands on a label', () => {
  const dune = {
    name: 'Dune',
    kind: 'foundation',
    shape: '',
    lab: { L: 60, a: 9, b: 22 },
    family: 'silicone',
    sort: 'cosmetic',
    count: 1,
  } as const
  it('is where it sits, its base and its days', () => {
    expect(labelOf({ ...dune, openedOn: '2026-03-14', useBy: '2027-03-14', percent: null })).toEqual({
      name: 'Dune',
      code: expect.stringMatching(/^\d\.\d (neutral|golden|olive|rosy), silicone$/) as string,
      age: 'opened 3/26, until 3/27',
    })
  })
  it('of a tool is its shape, of alcohol its strength', () => {
    const plain = { lab: null, family: null, openedOn: null, useBy: null, percent: null, count: 1 } as const
    expect(labelOf({ ...plain, name: 'Otter', kind: 'brush', shape: 'lip brush', sort: 'tool' }).code).toBe('lip brush')
    expect(labelOf({ ...plain, name: 'Spray', kind: 'alcohol', shape: '', percent: 70, sort: 'supply' })).toEqual({
      name: 'Spray',
      code: 'alcohol, 70 %',
      age: '',
    })
  })
})
