import { readFile } from 'node:fs/promises'
import { join } from 'node:path'
import bidiFactory from 'bidi-js'
import { create, type Font } from 'fontkit'
import type { Color, PDFDocument, PDFFont, PDFPage } from 'pdf-lib'

/*
 * The type of papers: one family that has the scripts of the world, in files of a few hundred letters each. A paper embeds what its own
 * words need and nothing else. Words that are written from right to left stand in their order, also among others.
 */

export type Weight = 'plain' | 'bold'

interface Family {
  name: string
  /** Files of it, as its list of letters names them; in the order in which they are preferred. */
  weights: Readonly<Record<Weight, number>>
}
const BOTH = { plain: 400, bold: 700 } as const
// As heavy a file again for each of these would double what the application weighs.
const ONE = { plain: 400, bold: 400 } as const
const FAMILIES: readonly Family[] = [
  { name: 'noto-sans', weights: BOTH },
  { name: 'noto-sans-arabic', weights: BOTH },
  { name: 'noto-sans-hebrew', weights: BOTH },
  { name: 'noto-sans-thai', weights: BOTH },
  { name: 'noto-sans-armenian', weights: BOTH },
  { name: 'noto-sans-georgian', weights: BOTH },
  { name: 'noto-sans-bengali', weights: BOTH },
  { name: 'noto-sans-tamil', weights: BOTH },
  { name: 'noto-sans-ethiopic', weights: BOTH },
  { name: 'noto-sans-jp', weights: ONE },
  { name: 'noto-sans-kr', weights: ONE },
  { name: 'noto-sans-sc', weights: ONE },
]
/** Packages the files come from; the build copies them. */
export const FAMILY_NAMES = FAMILIES.map(f => f.name)

/** Shown for a letter that no family has, and named at the foot of the paper. */
const NO_TYPE = '▯'
/** Signs that are no letters: a paper without them says the same. */
const LEFT_OUT = /\p{Emoji_Modifier}|[\uFE00-\uFE0F\u200B\u2060\uFEFF]|\p{Cc}|\p{Cs}/u
/** Pictures begin here; before it stand © and ™, which count as some. */
const FIRST_PICTURE = 0x2600
const isLeftOut = (sign: string) =>
  LEFT_OUT.test(sign) || (sign.codePointAt(0)! >= FIRST_PICTURE && /\p{Extended_Pictographic}/u.test(sign))

const bidi = bidiFactory()

/** Which of the files of a family has which letters: "U+0100-02BA,U+20A0". */
type Ranges = readonly (readonly [number, number])[]
const rangesOf = (said: string): Ranges =>
  said.split(',').map(part => {
    const [from, to = from] = part.trim().replace(/^U\+/i, '').split('-') as [string, string?]
    return [parseInt(from, 16), parseInt(to, 16)] as const
  })
interface FamilyFiles {
  family: Family
  files: readonly { subset: string; ranges: Ranges }[]
}
const known = new Map<string, Promise<FamilyFiles[]>>()
/** The letters of every family, read once. @param fonts folder with a folder a family */
function familiesIn(fonts: string): Promise<FamilyFiles[]> {
  const before = known.get(fonts)
  if (before) return before
  const read = Promise.all(
    FAMILIES.map(async family => {
      const said = JSON.parse(await readFile(join(fonts, family.name, 'unicode.json'), 'utf8')) as Record<
        string,
        string
      >
      const files = Object.entries(said).map(([subset, ranges]) => ({
        subset: subset.replace(/[[\]]/g, ''),
        ranges: rangesOf(ranges),
      }))
      return { family, files }
    }),
  )
  known.set(fonts, read)
  return read
}

interface FaceFile {
  bytes: Buffer
  inside: ReadonlySet<number>
}
const faceFiles = new Map<string, Promise<FaceFile>>()
/** A file with the letters that are in it, read once. */
function readFace(path: string): Promise<FaceFile> {
  const before = faceFiles.get(path)
  if (before) return before
  const read = readFile(path).then(bytes => ({ bytes, inside: new Set((create(bytes) as Font).characterSet) }))
  faceFiles.set(path, read)
  return read
}

/** A file that a paper uses: for measuring and for drawing. */
interface Face {
  has: (letter: number) => boolean
  font: PDFFont
}

/** pdf-lib asks for a stream of the subset; fontkit gives it whole. */
const fontkit = {
  create(bytes: Uint8Array): Font {
    const font = create(Buffer.from(bytes)) as Font
    const subsetOf = font.createSubset.bind(font)
    return Object.assign(font, {
      createSubset() {
        const subset = subsetOf()
        const stream = {
          on(event: string, listener: (bytes?: Uint8Array) => void) {
            if (event === 'data') listener(subset.encode())
            if (event === 'end') listener()
            return stream
          },
        }
        return Object.assign(subset, { encodeStream: () => stream })
      },
    })
  },
}

/** Words as they lie on paper: in the order of the eye, each piece in one file. */
interface Piece {
  text: string
  font: PDFFont
}

/**
 * The letters for one paper.
 * @example const type = await Type.for(document, [job.name, ...names], fontsFolder())
 */
export class Type {
  /** Letters that were asked for and are in no family. */
  readonly lacking = new Set<string>()

  private constructor(private readonly faces: ReadonlyMap<Weight, readonly Face[]>) {}

  /** @param texts everything that will stand on the paper; more may be drawn of the same letters and of plain Latin ones */
  static async for(document: PDFDocument, texts: readonly string[], fonts: string): Promise<Type> {
    document.registerFontkit(fontkit as unknown as Parameters<PDFDocument['registerFontkit']>[0])
    const all = prepared(texts.join(' '))
    const letters = new Set([...PLAIN, ...all].map(l => l.codePointAt(0)!))
    const preferred = inPreference(await familiesIn(fonts), all)
    const faces = new Map<Weight, Face[]>()
    for (const weight of ['plain', 'bold'] as const) {
      const embedded: Face[] = []
      const open = new Set(letters)
      for (const { family, files } of preferred) {
        for (const { subset, ranges } of files) {
          const wanted = [...open].filter(l => ranges.some(([from, to]) => l >= from && l <= to))
          if (wanted.length === 0) continue
          const file = `${family.name}-${subset}-${family.weights[weight]}-normal.woff`
          const { bytes, inside } = await readFace(join(fonts, family.name, 'files', file))
          embedded.push({ has: l => inside.has(l), font: await document.embedFont(bytes, { subset: true }) })
          for (const l of wanted) if (inside.has(l)) open.delete(l)
        }
      }
      faces.set(weight, embedded)
    }
    return new Type(faces)
  }

  /** How wide words are, in points. */
  width(text: string, size: number, weight: Weight = 'plain'): number {
    return this.pieces(text, weight).reduce((sum, p) => sum + p.font.widthOfTextAtSize(p.text, size), 0)
  }

  /** Draws words on a line. @param at x and y of their beginning on the left, in points from the lower left corner */
  draw(page: PDFPage, text: string, at: { x: number; y: number; size: number; weight?: Weight; color?: Color }): void {
    let { x } = at
    for (const { text: part, font } of this.pieces(text, at.weight ?? 'plain')) {
      page.drawText(part, { x, y: at.y, size: at.size, font, ...(at.color ? { color: at.color } : {}) })
      x += font.widthOfTextAtSize(part, at.size)
    }
  }

  private pieces(text: string, weight: Weight): Piece[] {
    const said = prepared(text)
    if (said === '') return []
    const levels = bidi.getEmbeddingLevels(said, 'ltr').levels
    const runs: (Piece & { level: number })[] = []
    let at = 0
    for (const sign of said) {
      const level = levels[at]!
      at += sign.length
      if (ISOLATES.test(sign)) continue
      const mirrored = level % 2 === 1 ? (bidi.getMirroredCharacter(sign) ?? sign) : sign
      const last = runs.at(-1)
      const { font, letter } = this.fontFor(mirrored, weight, last?.font)
      if (last && last.font === font && last.level === level) last.text += letter
      else runs.push({ text: letter, font, level })
    }
    return inOrderOfTheEye(runs)
  }

  /** Stays with the file before where it has the letter, so that words are shaped as a whole. */
  private fontFor(letter: string, weight: Weight, before: PDFFont | undefined): { font: PDFFont; letter: string } {
    const faces = this.faces.get(weight)!
    const code = letter.codePointAt(0)!
    const same = faces.find(f => f.font === before)
    // A mark belongs to the letter it stands on.
    if (same && (same.has(code) || /\p{M}/u.test(letter))) return { font: same.font, letter }
    const found = faces.find(f => f.has(code))
    if (found) return { font: found.font, letter }
    this.lacking.add(letter)
    return { font: faces[0]!.font, letter: faces[0]!.has(NO_TYPE.codePointAt(0)!) ? NO_TYPE : '[]' }
  }
}

const ISOLATES = /[\u2066-\u2069]/u
/** Words of somebody's own among those of the paper: in their own direction, and without turning the others round. */
export const isolated = (text: string): string => (text === '' ? '' : `\u2068${text}\u2069`)

const PLAIN = Array.from({ length: 0x7f - 0x20 }, (_, i) => String.fromCharCode(0x20 + i)).join('') + '·×–—’‘“”…€'

/** What is drawn of a text: composed letters, plain spaces, no pictures. */
export const prepared = (text: string): string =>
  [...text.normalize('NFC').replace(/\s+/gu, ' ')].filter(sign => !isLeftOut(sign)).join('')

/** Families in the order in which they are asked: Han signs look as the other letters of the paper ask for. */
function inPreference(all: readonly FamilyFiles[], text: string): FamilyFiles[] {
  const first = /[\p{Script=Hiragana}\p{Script=Katakana}]/u.test(text)
    ? 'noto-sans-jp'
    : /\p{Script=Hangul}/u.test(text)
      ? 'noto-sans-kr'
      : 'noto-sans-sc'
  const han = (f: FamilyFiles) => /-(?:jp|kr|sc)$/.test(f.family.name)
  const others = all.filter(han).sort((x, y) => Number(y.family.name === first) - Number(x.family.name === first))
  return [...all.filter(f => !han(f)), ...others]
}

/** Runs of a line from left to right: from the highest level down, what is at or above it is turned round (Unicode, rule L2). */
function inOrderOfTheEye<R extends { level: number }>(runs: R[]): R[] {
  const line = [...runs]
  const highest = Math.max(...line.map(r => r.level))
  for (let level = highest; level >= 1; level--)
    for (let from = 0; from < line.length; from++) {
      if (line[from]!.level < level) continue
      let to = from
      while (to + 1 < line.length && line[to + 1]!.level >= level) to++
      line.splice(from, to - from + 1, ...line.slice(from, to + 1).reverse())
      from = to
    }
  return line
}
