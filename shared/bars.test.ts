import { checkDigit } from '#core/stock/labels/barcode'
import { seeded } from '../tests/support/random'
import { readBars } from './bars'

const LEFT = [
  '0001101',
  '0011001',
  '0010011',
  '0111101',
  '0100011',
  '0110001',
  '0101111',
  '0111011',
  '0110111',
  '0001011',
]
const PARITY = ['000000', '001011', '001101', '001110', '010011', '011001', '011100', '010101', '010110', '011010']
const flipped = (bits: string) => [...bits].map(b => (b === '1' ? '0' : '1')).join('')
/** Bars of thirteen figures (GS1 General Specifications, 5.2). */
function barsOf(figures: string): string {
  const [first, ...rest] = [...figures].map(Number)
  const left = rest
    .slice(0, 6)
    .map((f, i) => (PARITY[first!]![i] === '0' ? LEFT[f]! : [...flipped(LEFT[f]!)].reverse().join('')))
  const right = rest.slice(6).map(f => flipped(LEFT[f]!))
  return `101${left.join('')}01010${right.join('')}101`
}

/** A photograph of a pack: bars a few pixels wide, grain, and light that falls off. */
function pictureOf(figures: string, random: ReturnType<typeof seeded>) {
  const bars = barsOf(figures)
  const [bar, edge, height] = [3, 40, 120]
  const width = bars.length * bar + 2 * edge
  const pixels = new Uint8ClampedArray(width * height * 4)
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const dark = y > 15 && y < 105 && bars[Math.floor((x - edge) / bar)] === '1'
      const light = (dark ? 40 : 215) * (1 - 0.25 * (x / width)) + 8 * random.normal()
      pixels.fill(Math.round(light), (y * width + x) * 4, (y * width + x) * 4 + 3)
    }
  return { pixels, width, height }
}

describe('bars in a picture', () => {
  it('are read for any figures, through grain and falling light', () => {
    const random = seeded(13)
    for (let i = 0; i < 25; i++) {
      const twelve = Array.from({ length: 12 }, () => Math.floor(random.next() * 10)).join('')
      const figures = `${twelve}${checkDigit(twelve)}`
      const { pixels, width, height } = pictureOf(figures, random)
      // What begins with a nought is the twelve figures of another continent, read as such.
      expect(readBars(pixels, width, height)?.padStart(13, '0')).toBe(figures)
    }
  })

  it('are not seen where there are none', () => {
    const grain = new Uint8ClampedArray(200 * 100 * 4).map((_, i) => (i * 7919) % 251)
    expect(readBars(grain, 200, 100)).toBeNull()
  })
})
