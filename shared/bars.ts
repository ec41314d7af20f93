import { BinaryBitmap, DecodeHintType, HybridBinarizer, MultiFormatReader, RGBLuminanceSource } from '@zxing/library'

/**
 * The number under the bars of a pack, off a picture of it.
 * @param pixels 4 bytes each, sRGB
 * @returns null where no bars can be read
 */
export function readBars(pixels: ArrayLike<number>, width: number, height: number): string | null {
  const grey = new Uint8ClampedArray(width * height)
  for (let i = 0; i < grey.length; i++)
    grey[i] = (pixels[i * 4]! * 0.299 + pixels[i * 4 + 1]! * 0.587 + pixels[i * 4 + 2]! * 0.114) | 0
  const reader = new MultiFormatReader()
  reader.setHints(new Map([[DecodeHintType.TRY_HARDER, true]]))
  try {
    const bitmap = new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(grey, width, height)))
    return reader.decode(bitmap).getText()
  } catch {
    // The reader throws where it finds nothing.
    return null
  }
}
