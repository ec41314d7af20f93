/*
 * Pictures are kept without where, when and with what they were taken. The pixels stay as they are; only what describes
 * them goes.
 */

export const PICTURE_TYPES = ['image/jpeg', 'image/png', 'image/webp'] as const
export type PictureType = (typeof PICTURE_TYPES)[number]

/** Thrown for bytes that are no picture of a kind that can be cleaned. */
export class NoPicture extends RangeError {
  constructor(why: string) {
    super(why)
    this.name = 'NoPicture'
  }
}

/**
 * A picture without its metadata: location, camera, time, thumbnails, comments.
 * @param bytes JPEG, PNG or WebP
 * @throws NoPicture for anything else, and for a picture that breaks off
 */
export function stripMetadata(bytes: Uint8Array): { type: PictureType; bytes: Uint8Array } {
  if (bytes[0] === 0xff && bytes[1] === 0xd8) return { type: 'image/jpeg', bytes: stripJpeg(bytes) }
  if (startsWith(bytes, [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]))
    return { type: 'image/png', bytes: stripPng(bytes) }
  if (ascii(bytes, 0, 4) === 'RIFF' && ascii(bytes, 8, 4) === 'WEBP')
    return { type: 'image/webp', bytes: stripWebp(bytes) }
  throw new NoPicture('This is no JPEG, PNG or WebP picture.')
}

const startsWith = (bytes: Uint8Array, head: readonly number[]) => head.every((b, i) => bytes[i] === b)
const ascii = (bytes: Uint8Array, at: number, length: number) => String.fromCharCode(...bytes.subarray(at, at + length))
const broken = () => new NoPicture('The picture breaks off: save it again and try once more.')

function joined(parts: readonly Uint8Array[]): Uint8Array {
  const out = new Uint8Array(parts.reduce((sum, p) => sum + p.length, 0))
  let at = 0
  for (const part of parts) {
    out.set(part, at)
    at += part.length
  }
  return out
}

const APP1_EXIF = 0xe1
const APP15 = 0xef
const COMMENT = 0xfe
const APP14_COLOUR = 0xee
const START_OF_SCAN = 0xda
const ORIENTATION = 0x0112

/** Application segments and comments go; the one that says how colours are coded stays, and so does which way is up. */
function stripJpeg(bytes: Uint8Array): Uint8Array {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength)
  const parts = [bytes.subarray(0, 2)]
  let at = 2
  for (;;) {
    while (bytes[at] === 0xff && bytes[at + 1] === 0xff) at++
    if (at + 4 > bytes.length || bytes[at] !== 0xff) throw broken()
    const marker = bytes[at + 1]!
    if (marker === START_OF_SCAN) {
      parts.push(bytes.subarray(at, endOfImage(bytes, at)))
      return joined(parts)
    }
    const length = view.getUint16(at + 2)
    if (length < 2 || at + 2 + length > bytes.length) throw broken()
    const segment = bytes.subarray(at, at + 2 + length)
    if (marker === APP1_EXIF) {
      const turned = orientationOf(segment)
      if (turned > 1) parts.push(orientationSegment(turned))
    } else if (!((marker > APP1_EXIF && marker <= APP15 && marker !== APP14_COLOUR) || marker === COMMENT))
      parts.push(segment)
    at += 2 + length
  }
}

/** Whatever a phone appends behind the picture goes too. */
function endOfImage(bytes: Uint8Array, from: number): number {
  for (let i = from; i + 1 < bytes.length; i++) {
    // Inside the scan 0xff is followed by 0 or a restart marker; 0xd9 ends the picture.
    if (bytes[i] === 0xff && bytes[i + 1] === 0xd9) return i + 2
  }
  throw broken()
}

function orientationOf(segment: Uint8Array): number {
  if (ascii(segment, 4, 4) !== 'Exif') return 1
  const tiff = 10
  const view = new DataView(segment.buffer, segment.byteOffset, segment.byteLength)
  if (segment.length < tiff + 14) return 1
  const little = view.getUint16(tiff) === 0x4949
  const directory = tiff + view.getUint32(tiff + 4, little)
  if (directory + 2 > segment.length) return 1
  const count = view.getUint16(directory, little)
  for (let i = 0; i < count; i++) {
    const entry = directory + 2 + 12 * i
    if (entry + 12 > segment.length) return 1
    if (view.getUint16(entry, little) === ORIENTATION) return view.getUint16(entry + 8, little)
  }
  return 1
}

/** An Exif segment that says nothing but which way is up. */
function orientationSegment(orientation: number): Uint8Array {
  return Uint8Array.from([
    0xff,
    APP1_EXIF,
    0,
    34,
    0x45,
    0x78,
    0x69,
    0x66,
    0,
    0,
    0x4d,
    0x4d,
    0,
    0x2a,
    0,
    0,
    0,
    8,
    0,
    1,
    0x01,
    0x12,
    0,
    3,
    0,
    0,
    0,
    1,
    0,
    orientation,
    0,
    0,
    0,
    0,
    0,
    0,
  ])
}

const PNG_SAYS = ['tEXt', 'iTXt', 'zTXt', 'eXIf', 'tIME', 'dSIG']

function stripPng(bytes: Uint8Array): Uint8Array {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength)
  const parts = [bytes.subarray(0, 8)]
  let at = 8
  for (;;) {
    if (at + 12 > bytes.length) throw broken()
    const end = at + 12 + view.getUint32(at)
    if (end > bytes.length) throw broken()
    const kind = ascii(bytes, at + 4, 4)
    if (!PNG_SAYS.includes(kind)) parts.push(bytes.subarray(at, end))
    if (kind === 'IEND') return joined(parts)
    at = end
  }
}

const WEBP_SAYS = ['EXIF', 'XMP ']
// The extended header announces which of these chunks follow.
const EXIF_AND_XMP_FLAGS = 0x0c

function stripWebp(bytes: Uint8Array): Uint8Array {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength)
  const parts: Uint8Array[] = []
  for (let at = 12; at + 8 <= bytes.length;) {
    const size = view.getUint32(at + 4, true)
    const end = at + 8 + size + (size % 2)
    if (at + 8 + size > bytes.length) throw broken()
    const kind = ascii(bytes, at, 4)
    if (kind === 'VP8X') {
      const header = bytes.slice(at, end)
      header[8]! &= ~EXIF_AND_XMP_FLAGS
      parts.push(header)
    } else if (!WEBP_SAYS.includes(kind)) parts.push(bytes.subarray(at, Math.min(end, bytes.length)))
    at = end
  }
  if (parts.length === 0) throw broken()
  const body = joined(parts)
  const head = new Uint8Array(12)
  head.set(bytes.subarray(0, 12))
  new DataView(head.buffer).setUint32(4, body.length + 4, true)
  return joined([head, body])
}
