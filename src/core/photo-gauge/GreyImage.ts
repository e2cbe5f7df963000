// Looked up once: this runs for every pixel.
const { floor } = Math

/** A picture as brightness, row by row from the top left. */
export interface GreyImage {
  readonly widthPx: number
  readonly heightPx: number
  /** linear light, 0 black … 1 white */
  readonly values: Float32Array
}

/** A place in a picture, px: 0, 0 is the middle of the top left pixel, x to the right, y down. */
export interface Pixel {
  readonly x: number
  readonly y: number
}

const BYTES_PER_PIXEL = 4
/** Rec. 709 luminance of linear red, green and blue. */
const LUMINANCE = [0.2126, 0.7152, 0.0722] as const

/** sRGB's byte to linear light. @source IEC 61966-2-1 */
const LINEAR = Float32Array.from({ length: 256 }, (_, byte) => {
  const coded = byte / 255
  return coded <= 0.04045 ? coded / 12.92 : ((coded + 0.055) / 1.055) ** 2.4
})

/**
 * Brightness of a colour picture, averaged over squares of `factor` pixels.
 * Edges are looked for in linear light: the camera's blur is symmetric there, and not in the coded values.
 * @param rgba - four bytes a pixel, as a canvas or a decoder gives them
 * @param factor - whole number, >= 1; rows and columns that fill no square are left out
 */
export function greyFromRgba(
  rgba: Uint8Array | Uint8ClampedArray,
  { widthPx, heightPx }: { readonly widthPx: number; readonly heightPx: number },
  factor: number,
): GreyImage {
  if (rgba.length !== widthPx * heightPx * BYTES_PER_PIXEL) {
    throw new RangeError(`rgba: expected ${widthPx} × ${heightPx} pixels of 4 bytes, got ${rgba.length}`)
  }
  const [width, height] = [floor(widthPx / factor), floor(heightPx / factor)]
  const values = new Float32Array(width * height)
  const [red, green, blue] = LUMINANCE
  const share = 1 / (factor * factor)
  for (let y = 0; y < height * factor; y++) {
    const row = floor(y / factor) * width
    let at = y * widthPx * BYTES_PER_PIXEL
    for (let x = 0; x < width; x++) {
      let sum = 0
      for (let i = 0; i < factor; i++, at += BYTES_PER_PIXEL) {
        sum +=
          red * (LINEAR[rgba[at] ?? 0] ?? 0) +
          green * (LINEAR[rgba[at + 1] ?? 0] ?? 0) +
          blue * (LINEAR[rgba[at + 2] ?? 0] ?? 0)
      }
      values[row + x] = (values[row + x] ?? 0) + sum * share
    }
  }
  return { widthPx: width, heightPx: height, values }
}

/** The same picture averaged over squares of `factor` pixels. */
export function shrunk(image: GreyImage, factor: number): GreyImage {
  const [width, height] = [floor(image.widthPx / factor), floor(image.heightPx / factor)]
  const values = new Float32Array(width * height)
  const share = 1 / (factor * factor)
  for (let y = 0; y < height * factor; y++) {
    const row = floor(y / factor) * width
    const from = y * image.widthPx
    for (let x = 0; x < width; x++) {
      let sum = 0
      for (let i = 0; i < factor; i++) sum += image.values[from + x * factor + i] ?? 0
      values[row + x] = (values[row + x] ?? 0) + sum * share
    }
  }
  return { widthPx: width, heightPx: height, values }
}

/** Where a pixel of a shrunk picture lies in the picture it came from. */
export function unshrunk({ x, y }: Pixel, factor: number): Pixel {
  const half = (factor - 1) / 2
  return { x: x * factor + half, y: y * factor + half }
}

/** Brightness between pixels, bilinear; null outside the picture. */
export function brightnessAt({ widthPx, heightPx, values }: GreyImage, x: number, y: number): number | null {
  const left = floor(x)
  const top = floor(y)
  if (left < 0 || top < 0 || left + 1 >= widthPx || top + 1 >= heightPx) return null
  const [fx, fy] = [x - left, y - top]
  const at = top * widthPx + left
  const above = (values[at] ?? 0) * (1 - fx) + (values[at + 1] ?? 0) * fx
  const below = (values[at + widthPx] ?? 0) * (1 - fx) + (values[at + widthPx + 1] ?? 0) * fx
  return above * (1 - fy) + below * fy
}
