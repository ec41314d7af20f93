import sharp from 'sharp'
import { crc32, deflateSync } from 'node:zlib'
import { drawnAnew } from './pictureBytes'

const plain = (width = 40, height = 20) =>
  sharp({ create: { width, height, channels: 3, background: { r: 180, g: 140, b: 110 } } })

const MARK = 'zyxwhere54.1N'
const holdsMark = (bytes: Uint8Array) => Buffer.from(bytes).toString('latin1').includes(MARK)

/** A PNG with a chunk of a kind that nobody has heard of. */
async function withChunk(kind: string): Promise<Buffer> {
  const png = await plain().png().toBuffer()
  const body = Buffer.from(kind + MARK)
  const chunk = Buffer.alloc(8 + body.length)
  chunk.writeUInt32BE(MARK.length, 0)
  body.copy(chunk, 4)
  chunk.writeUInt32BE(crc32(body), 4 + body.length)
  return Buffer.concat([png.subarray(0, 33), chunk, png.subarray(33)])
}
/** A JPEG with an application segment of any number. */
async function withSegment(marker: number): Promise<Buffer> {
  const jpeg = await plain().jpeg().toBuffer()
  const body = Buffer.from(`Odd\0${MARK}`)
  const head = Buffer.from([0xff, marker, 0, body.length + 2])
  return Buffer.concat([jpeg.subarray(0, 2), head, body, jpeg.subarray(2)])
}

describe('pictures drawn anew', () => {
  it.each<[string, () => Promise<Buffer>]>([
    [
      'Exif',
      () =>
        plain()
          .jpeg()
          .withExif({ IFD0: { ImageDescription: MARK } })
          .toBuffer(),
    ],
    ['XMP', () => plain().jpeg().withXmp(`<x:xmpmeta xmlns:x="adobe:ns:meta/">${MARK}</x:xmpmeta>`).toBuffer()],
    [
      'Exif in WebP',
      () =>
        plain()
          .webp()
          .withExif({ IFD0: { ImageDescription: MARK } })
          .toBuffer(),
    ],
    ...['tEXt', 'iTXt', 'eXIf', 'prVt', 'zzZz'].map(
      kind => [`a ${kind} chunk`, () => withChunk(kind)] as [string, () => Promise<Buffer>],
    ),
    ...[0xe3, 0xe7, 0xec, 0xef, 0xfe].map(
      m => [`segment ${m.toString(16)}`, () => withSegment(m)] as [string, () => Promise<Buffer>],
    ),
    ['what stands behind the picture', async () => Buffer.concat([await plain().jpeg().toBuffer(), Buffer.from(MARK)])],
  ])('lose %s', async (_, make) => {
    const bytes = await make()
    expect(holdsMark(bytes)).toBe(true)
    const drawn = await drawnAnew(bytes)
    expect(holdsMark(drawn.bytes)).toBe(false)
    expect(await sharp(drawn.bytes).metadata()).toMatchObject({ width: 40, height: 20 })
  })

  it('keep their kind and the profile their colours are told in', async () => {
    const wide = await plain().withIccProfile('p3').png().toBuffer()
    const { type, bytes } = await drawnAnew(wide)
    expect(type).toBe('image/png')
    const before = (await sharp(wide).metadata()).icc
    expect(before).toBeDefined()
    expect((await sharp(bytes).metadata()).icc).toEqual(before)
    expect((await drawnAnew(await plain().webp().toBuffer())).type).toBe('image/webp')
  })

  it('stand upright without being told how', async () => {
    const turned = await plain(40, 20).jpeg().withMetadata({ orientation: 6 }).toBuffer()
    const { bytes } = await drawnAnew(turned)
    expect(await sharp(bytes).metadata()).toMatchObject({ width: 20, height: 40 })
    expect((await sharp(bytes).metadata()).orientation ?? 1).toBe(1)
  })

  it('keep the colour of the skin in them', async () => {
    const { bytes } = await drawnAnew(await plain().jpeg({ quality: 95 }).toBuffer())
    const { channels } = await sharp(bytes).stats()
    expect(channels.map(c => Math.round(c.mean))).toEqual([
      expect.closeTo(180, -0.5),
      expect.closeTo(140, -0.5),
      expect.closeTo(110, -0.5),
    ])
  })

  it.each<[string, () => Promise<Buffer>]>([
    ['words', () => Promise.resolve(Buffer.from('not a picture'))],
    ['nothing', () => Promise.resolve(Buffer.alloc(0))],
    [
      'a drawing in SVG',
      () => Promise.resolve(Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>')),
    ],
    ['a GIF', () => plain().gif().toBuffer()],
    ['half a JPEG', async () => (await plain(400, 400).jpeg().toBuffer()).subarray(0, 900)],
    ['a picture that unfolds to fill the memory', () => Promise.resolve(bomb())],
  ])('refuse %s', async (_, make) => expect(drawnAnew(await make())).rejects.toThrow(/picture/))
})

/** A PNG of a few hundred bytes that says it is 60 000 pixels each way. */
function bomb(): Buffer {
  const chunk = (kind: string, data: Buffer) => {
    const body = Buffer.concat([Buffer.from(kind), data])
    const out = Buffer.alloc(8 + body.length)
    out.writeUInt32BE(data.length, 0)
    body.copy(out, 4)
    out.writeUInt32BE(crc32(body), 4 + body.length)
    return out
  }
  const header = Buffer.alloc(13)
  header.writeUInt32BE(60_000, 0)
  header.writeUInt32BE(60_000, 4)
  header.set([8, 2, 0, 0, 0], 8)
  const magic = Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a])
  return Buffer.concat([
    magic,
    chunk('IHDR', header),
    chunk('IDAT', deflateSync(Buffer.alloc(1000))),
    chunk('IEND', Buffer.alloc(0)),
  ])
}
