const MEGABYTE = 1_000_000

/** Largest file taken, bytes: a phone's picture with room to spare. */
export const MOST_PHOTO_BYTES = 15 * MEGABYTE
/** Most pictures on one tray. */
export const MOST_PHOTOS = 24
export const MOST_CAPTION_LENGTH = 80

/** What to say of a file that is too large. */
export function tooLargeText(bytes: number): string {
  return `Picture: ${Math.ceil(bytes / MEGABYTE)} MB is more than ${MOST_PHOTO_BYTES / MEGABYTE} MB. Choose a smaller one, or let the camera save it smaller.`
}
