// Decodes pictures for the server, which sends one after another: what takes for ever or all the memory ends with this process.
import sharp from 'sharp'

/** Longest side kept, px: sharp enough to read an engraving, small enough to keep hundreds. */
const KEPT_SIDE_PX = 1600
const JPEG_QUALITY = 82
/** A picture that unpacks to more than this is a trap, not a photograph, px. */
const MOST_PIXELS = 120_000_000

const KINDS = ['jpeg', 'png', 'webp', 'avif', 'tiff', 'gif']

/** The picture upright, small enough and encoded anew, its pixels only; null where the bytes are none. */
async function decoded(bytes) {
  try {
    const image = sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error' })
    const { format, width, height } = await image.metadata()
    // Vector and document formats are programs of a kind; only pixels are taken.
    if (!KINDS.includes(format === 'heif' ? 'avif' : format)) return null
    const { data, info } = await image
      .rotate()
      .resize({ width: KEPT_SIDE_PX, height: KEPT_SIDE_PX, fit: 'inside', withoutEnlargement: true })
      .flatten({ background: '#ffffff' })
      .jpeg({ quality: JPEG_QUALITY, mozjpeg: true })
      .toBuffer({ resolveWithObject: true })
    const wasSmall = Math.max(width, height) <= KEPT_SIDE_PX
    return { bytes: data, widthPx: info.width, heightPx: info.height, wasSmall }
  } catch {
    // The decoder's own words name a library, not what to do: the caller says that.
    return null
  }
}

process.on('message', async (bytes) => process.send(await decoded(bytes)))
process.on('disconnect', () => process.exit())
