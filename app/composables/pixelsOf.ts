/** The pixels of a picture that somebody chose, no larger than is needed. @throws Error for what is no picture */
export async function pixelsOf(file: Blob, longest: number): Promise<ImageData> {
  let bitmap: ImageBitmap
  try {
    bitmap = await createImageBitmap(file)
  } catch {
    throw new Error('It cannot be read as a picture: take a JPEG, PNG or WebP.')
  }
  const scale = Math.min(1, longest / Math.max(bitmap.width, bitmap.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.round(bitmap.width * scale))
  canvas.height = Math.max(1, Math.round(bitmap.height * scale))
  const context = canvas.getContext('2d', { willReadFrequently: true })!
  context.drawImage(bitmap, 0, 0, canvas.width, canvas.height)
  bitmap.close()
  return context.getImageData(0, 0, canvas.width, canvas.height)
}
