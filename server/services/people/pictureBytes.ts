import sharp, { type Metadata } from 'sharp'
import pLimit from 'p-limit'
import type { PictureType } from '#shared/records/people/faces'

/*
 * Pictures are kept without where, when and with what they were taken: they are drawn anew, so that nothing but their pixels and the
 * colour profile can come along, whatever a camera or a program has hidden in them.
 */

/** Thrown for bytes that are no picture that can be shown. */
export class NoPicture extends RangeError {
  constructor(why: string) {
    super(why)
    this.name = 'NoPicture'
  }
}

// Every picture is drawn once: nothing of it is worth keeping in memory.
sharp.cache(false)
sharp.concurrency(1)

// The largest phone cameras; more is a trap: a small file that unfolds to fill the memory.
const MOST_PIXELS = 120_000_000
// A stripe of millions by one takes memory by its length.
const MOST_SIDE = 30_000
const LONGEST_SIDE = 4096
const QUALITY = 92

// Each takes many megabytes while it is drawn.
const oneAtATime = pLimit(1)

const FORMATS: Readonly<Record<string, PictureType>> = { jpeg: 'image/jpeg', png: 'image/png', webp: 'image/webp' }

/**
 * A picture drawn anew, upright, no longer than 4096 pixels, in its own format and colour profile.
 * @param bytes JPEG, PNG or WebP
 * @throws NoPicture for anything else, and for one that breaks off
 */
export const drawnAnew = (bytes: Uint8Array): Promise<{ type: PictureType; bytes: Buffer }> =>
  oneAtATime(async () => {
    try {
      const picture = sharp(bytes, { failOn: 'error', limitInputPixels: MOST_PIXELS, pages: 1 })
      const {
        format,
        isProgressive,
        width = 0,
        height = 0,
      } = await picture.metadata().catch((): Partial<Metadata> => ({}))
      const type = FORMATS[format ?? '']
      if (!type) throw new NoPicture('This is no JPEG, PNG or WebP picture.')
      if (Math.max(width, height) > MOST_SIDE)
        throw new NoPicture(`This picture is ${width} × ${height} pixels: no side may be longer than ${MOST_SIDE}.`)
      const upright = picture
        .rotate()
        .resize({ width: LONGEST_SIDE, height: LONGEST_SIDE, fit: 'inside', withoutEnlargement: true })
        .keepIccProfile()
      const drawn =
        type === 'image/jpeg'
          ? upright.jpeg({ quality: QUALITY, progressive: isProgressive, chromaSubsampling: '4:4:4' })
          : type === 'image/png'
            ? upright.png()
            : upright.webp({ quality: QUALITY })
      return { type, bytes: await drawn.toBuffer() }
    } catch (problem) {
      if (problem instanceof NoPicture) throw problem
      throw new NoPicture('This picture cannot be read to its end: save it again and try once more.')
    }
  })
