import 'server-only'

/** Longest side kept, px: sharp enough to read an engraving, small enough to keep hundreds. */
const KEPT_SIDE_PX = 1600
const JPEG_QUALITY = 82
/** A picture that unpacks to more than this is a trap, not a photograph, px. */
const MOST_PIXELS = 120_000_000

const KINDS = ['jpeg', 'png', 'webp', 'avif', 'tiff', 'gif']

/** A picture as it is kept. */
export interface Picture {
  /** JPEG */
  readonly bytes: Uint8Array
  readonly widthPx: number
  readonly heightPx: number
}

/** The picture upright and re-encoded; null when the bytes are not one. */
export async function decodedPicture(bytes: Uint8Array): Promise<Picture | null> {
  // Loaded with the first picture: the server starts sooner without it.
  const { default: sharp } = await import('sharp')
  try {
    const image = sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error' })
    const { format } = await image.metadata()
    // Vector and document formats are programs of a kind; only pixels are taken.
    if (!KINDS.includes(format === 'heif' ? 'avif' : format)) return null
    const { data, info } = await image
      .rotate()
      .resize({ width: KEPT_SIDE_PX, height: KEPT_SIDE_PX, fit: 'inside', withoutEnlargement: true })
      .flatten({ background: '#ffffff' })
      .jpeg({ quality: JPEG_QUALITY, mozjpeg: true })
      .toBuffer({ resolveWithObject: true })
    return { bytes: new Uint8Array(data), widthPx: info.width, heightPx: info.height }
  } catch {
    // The decoder's own words name a library, not what to do: the caller says that.
    return null
  }
}

/**
 * A picture that was kept by a Whyalon before stays as it is, byte by byte; any other is decoded and encoded anew, so that no
 * position comes in with it. Null when the bytes are no picture.
 */
export async function keptPicture(bytes: Uint8Array): Promise<Picture | null> {
  const { default: sharp } = await import('sharp')
  const said = await sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error' })
    .metadata()
    .catch(() => null)
  if (!said) return null
  const { format, width, height, exif, xmp, iptc, icc, comments } = said
  const isKept =
    format === 'jpeg' && Math.max(width, height) <= KEPT_SIDE_PX && !(exif ?? xmp ?? iptc ?? icc ?? comments)
  if (!isKept) return decodedPicture(bytes)
  // What its head says is worth nothing before all of it was read.
  return (await decodedPicture(bytes)) && { bytes, widthPx: width, heightPx: height }
}
