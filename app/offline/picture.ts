import {
  MOST_PICTURE_BYTES,
  MOST_PIXELS,
  MOST_SIDE,
  NOT_A_PICTURE,
  QUALITY,
  TOO_LARGE,
} from '#shared/photographs'

/** Largest file a device is asked to open, bytes: a camera's own files can be larger than what is sent. */
const MOST_OPENED = 3 * MOST_PICTURE_BYTES

/**
 * A picture from a file or the camera, made small enough to keep and to send, upright, with nothing of
 * what the camera notes beside it. @throws Error in words for what is not a picture, or too large
 */
export async function readPicture(file: Blob): Promise<Blob> {
  if (file.size > MOST_OPENED) throw new Error(TOO_LARGE)
  const whole = await createImageBitmap(file).catch(() => {
    throw new Error(NOT_A_PICTURE)
  })
  const { width, height } = whole
  try {
    if (width * height > MOST_PIXELS) throw new Error(TOO_LARGE)
    const scale = Math.min(1, MOST_SIDE / Math.max(width, height))
    const canvas = document.createElement('canvas')
    canvas.width = Math.max(1, Math.round(width * scale))
    canvas.height = Math.max(1, Math.round(height * scale))
    const ink = canvas.getContext('2d')!
    ink.fillStyle = '#fff'
    ink.fillRect(0, 0, canvas.width, canvas.height)
    ink.imageSmoothingQuality = 'high'
    ink.drawImage(whole, 0, 0, canvas.width, canvas.height)
    const jpeg = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', QUALITY / 100))
    if (!jpeg) throw new Error(NOT_A_PICTURE)
    return jpeg
  } finally {
    whole.close()
  }
}
