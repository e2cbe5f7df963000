import type { GreyImage } from '@/core/photo-gauge/GreyImage'
import { greyFromRgba } from '@/core/photo-gauge/GreyImage'

/** A picture that unpacks to more than this is a trap, not a photograph, px. */
const MOST_PIXELS = 120_000_000
const LEAST_SIDE_PX = 400

export type UnpackedPicture =
  | {
      readonly ok: true
      readonly image: GreyImage
      /** the picture's own pixels a side to one of the image’s */
      readonly factor: number
      readonly widthPx: number
      readonly heightPx: number
    }
  | { readonly ok: false; readonly message: string }

/**
 * Unpacks a picture into brightness.
 * @param workingSidePx - longest side it is worked on at: larger pictures are averaged down, which quiets their noise
 * @param onUnpacked - told before brightness is worked out
 */
export async function openPicture(
  file: Blob,
  workingSidePx: number,
  onUnpacked: () => void,
): Promise<UnpackedPicture> {
  const bitmap = await createImageBitmap(file).catch(() => null)
  if (!bitmap) {
    return {
      ok: false,
      message:
        'Picture: this file is damaged or no picture that can be read. Choose a JPEG, PNG or WebP, whole.',
    }
  }
  const { width, height } = bitmap
  if (width * height > MOST_PIXELS || Math.min(width, height) < LEAST_SIDE_PX) {
    bitmap.close()
    return {
      ok: false,
      message: `Picture: ${width} × ${height} pixels. It takes at least ${LEAST_SIDE_PX} a side and at most 120 million in all.`,
    }
  }
  const context = new OffscreenCanvas(width, height).getContext('2d', { willReadFrequently: true })
  if (!context) {
    bitmap.close()
    return { ok: false, message: 'Picture: this browser gives no room to unpack it. Make it smaller.' }
  }
  context.drawImage(bitmap, 0, 0)
  bitmap.close()
  const { data } = context.getImageData(0, 0, width, height)
  onUnpacked()
  const factor = Math.ceil(Math.max(width, height) / workingSidePx)
  const image = greyFromRgba(data, { widthPx: width, heightPx: height }, factor)
  return { ok: true, image, factor, widthPx: width, heightPx: height }
}
