import 'server-only'
import type { Db } from '@/data/client'
import { deletePhoto, insertPhoto, photoBytes } from '@/data/queries/photos'
import { keepAnswer, keptOf } from '@/data/queries/sentChanges'
import { MOST_CAPTION_LENGTH, MOST_PHOTO_BYTES, MOST_PHOTOS, tooLargeText } from '@/core/intake/photoLimits'
import Joi from 'joi'
import type { Refusal } from '../boundary'
import { idSchema, refuse } from '../boundary'
import { changeSent } from '../sentOnce'
import { changeTray } from './changeTray'
import { decodedPicture } from './pictures'
import { trayChange } from './trayChange'

/**
 * Keeps a picture with a tray. It is decoded, turned upright, made smaller and encoded anew: what is not a picture
 * cannot pass, and position or owner data inside the file is left behind. Sent once more under its key, it is kept once.
 */
export async function addPhoto(
  db: Db,
  trayId: number,
  file: { readonly bytes: Uint8Array; readonly caption: string },
  now: Date,
): Promise<{ ok: true; id: number } | Refusal> {
  if (file.bytes.length > MOST_PHOTO_BYTES) return refuse(tooLargeText(file.bytes.length), 'photo')
  if (file.caption.length > MOST_CAPTION_LENGTH) {
    return refuse(
      `Caption has ${file.caption.length} characters; at most ${MOST_CAPTION_LENGTH}. Shorten it.`,
      'photo',
    )
  }
  const picture = await decodedPicture(file.bytes)
  if (!picture) {
    return refuse(
      'Picture: this file is not a picture that can be read. Choose a JPEG, PNG, WebP, AVIF, TIFF or GIF.',
      'photo',
    )
  }
  let id = 0
  const sent = changeSent()
  const changed = await changeTray(db, trayId, async (tx, { kept }) => {
    if (kept.photos.length >= MOST_PHOTOS)
      return refuse(`Picture: this tray holds ${MOST_PHOTOS} already. Take one off first.`, 'photo')
    const { bytes, widthPx, heightPx } = picture
    id = await insertPhoto(tx, { trayId, caption: file.caption, bytes, widthPx, heightPx, takenAt: now })
    if (sent) await keepAnswer(tx, sent.key, { id })
    return null
  })
  if (!changed.ok) return changed
  return { ok: true, id: id === 0 && sent ? await idKeptUnder(db, sent.key) : id }
}

/** Of a picture that was kept when it was sent before. */
async function idKeptUnder(db: Db, key: string): Promise<number> {
  const answer = (await keptOf(db, key))?.answer as { readonly id?: number } | null
  return answer?.id ?? 0
}

/** @returns JPEG bytes; null when there is no such picture */
export async function photoFile(db: Db, id: number): Promise<Uint8Array | null> {
  return (await photoBytes(db, id)) ?? null
}

const removeSchema = Joi.object<{ trayId: number; photoId: number }>({
  trayId: idSchema.required(),
  photoId: idSchema.required(),
})

/** Takes a picture off a tray for good: it may show what nobody should keep. */
export const removePhoto = trayChange(
  removeSchema,
  async (tx, { trayId, photoId }, { kept }) => {
    if (kept.shapes.some((shape) => shape.photoId === photoId && shape.voidReason === null))
      return refuse('A size was read from this picture: take that reading back first.', 'photo')
    return (await deletePhoto(tx, trayId, photoId)) ? null : refuse('This picture is not there any more.')
  },
  'decision',
)
