import { ApiProblem } from './api'

/** A picture that somebody chose, drawn anew and no larger than is needed. @throws ApiProblem for what is no picture */
async function drawn(file: Blob, longest: number): Promise<CanvasRenderingContext2D> {
  let bitmap: ImageBitmap
  try {
    bitmap = await createImageBitmap(file)
  } catch {
    throw new ApiProblem('It cannot be read as a picture: take a JPEG, PNG or WebP.')
  }
  const scale = Math.min(1, longest / Math.max(bitmap.width, bitmap.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.round(bitmap.width * scale))
  canvas.height = Math.max(1, Math.round(bitmap.height * scale))
  const context = canvas.getContext('2d', { willReadFrequently: true })!
  context.drawImage(bitmap, 0, 0, canvas.width, canvas.height)
  bitmap.close()
  return context
}

/** @throws ApiProblem for what is no picture */
export async function pixelsOf(file: Blob, longest: number): Promise<ImageData> {
  const context = await drawn(file, longest)
  return context.getImageData(0, 0, context.canvas.width, context.canvas.height)
}

const QUALITY = 0.9
/** A picture drawn anew as a JPEG, without what the camera hides in it. @throws ApiProblem for what is no picture */
export async function drawnAnew(file: Blob, longest: number): Promise<Blob> {
  const { canvas } = await drawn(file, longest)
  return new Promise((resolve, reject) =>
    canvas.toBlob(
      blob => (blob ? resolve(blob) : reject(new ApiProblem('It cannot be kept as a picture: take a smaller one.'))),
      'image/jpeg',
      QUALITY,
    ),
  )
}
