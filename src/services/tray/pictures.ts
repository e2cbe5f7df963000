import 'server-only'
import path from 'node:path'
import { isPlainJpeg } from '@/io/isPlainJpeg'
import type { Picture } from './pictureDecoder'
import { pictureDecoder } from './pictureDecoder'

/** A large photograph takes two seconds on a slow machine. */
const WITHIN_MS = 30_000
const IDLE_MS = 60_000

/** The picture upright and re-encoded; null when the bytes are not one. */
export const decodedPicture = pictureDecoder({
  script: path.join(/*turbopackIgnore: true*/ process.cwd(), 'scripts/decodePictures.mjs'),
  withinMs: WITHIN_MS,
  idleMs: IDLE_MS,
})

/**
 * A picture that a Whyalon kept before stays as it is, byte by byte; any other is encoded anew, so that no position comes in
 * with it. Null when the bytes are no picture.
 */
export async function keptPicture(bytes: Uint8Array): Promise<Picture | null> {
  const anew = await decodedPicture(bytes)
  if (!anew) return null
  const { widthPx, heightPx, wasSmall } = anew
  return { bytes: wasSmall && isPlainJpeg(bytes) ? bytes : anew.bytes, widthPx, heightPx }
}
