import { greenPoints } from '../pocket/pocket'

/** A photo taken in the field, as it is kept on the phone until the server has it. */
export interface Photo {
  id: string
  jpeg: Blob
}

const MOST_SIDE = 1280
const GREEN_SIDE = 240

async function drawn(file: Blob, most: number): Promise<HTMLCanvasElement> {
  const picture = await createImageBitmap(file, { imageOrientation: 'from-image' })
  const scale = Math.min(1, most / Math.max(picture.width, picture.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.round(picture.width * scale))
  canvas.height = Math.max(1, Math.round(picture.height * scale))
  canvas.getContext('2d')!.drawImage(picture, 0, 0, canvas.width, canvas.height)
  picture.close()
  return canvas
}

/** Shrunk on the phone: a signal in a field is slow, and nothing but the picture goes along. */
export async function shrunk(file: Blob): Promise<Photo> {
  const canvas = await drawn(file, MOST_SIDE)
  const jpeg = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', 0.8))
  if (!jpeg) throw new Error('this picture cannot be read')
  return { id: crypto.randomUUID(), jpeg }
}

/** How much of a photo is green, and the photo with what counted as green lit up. */
export async function green(file: Blob): Promise<{ share: number; reason: string }> {
  const canvas = await drawn(file, GREEN_SIDE)
  const brush = canvas.getContext('2d')!
  const image = brush.getImageData(0, 0, canvas.width, canvas.height)
  const mask = Array.from(greenPoints(Array.from(image.data)))
  mask.forEach((counts, i) => {
    for (let part = 0; part < 3; part++) image.data[4 * i + part]! *= counts ? 1 : 0.35
  })
  brush.putImageData(image, 0, 0)
  return { share: mask.reduce((sum, m) => sum + m, 0) / mask.length, reason: canvas.toDataURL('image/jpeg', 0.8) }
}
