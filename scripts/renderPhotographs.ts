// Renders the simulated photographs that are shipped in public/photographs: of the gauge sheet, and of heads from above.
// Run: npx tsx scripts/renderPhotographs.ts (about a minute and a half on two cores)
import { mkdirSync } from 'node:fs'
import path from 'node:path'
import sharp from 'sharp'
import { renderPhotograph } from '@/devices/simulated-photograph/renderPhotograph'
import { SAMPLE_SCENES } from '@/devices/simulated-photograph/sampleScenes'
import { renderRing } from '@/devices/simulated-ring/renderRing'
import { SAMPLE_RINGS } from '@/devices/simulated-ring/sampleRings'

const JPEG_QUALITY = 86
const BYTE = 255
const folder = path.join(import.meta.dirname, '../public/photographs')

mkdirSync(folder, { recursive: true })
for (const { id, scene } of SAMPLE_SCENES) {
  const { rgba, widthPx, heightPx } = renderPhotograph(scene)
  await sharp(rgba, { raw: { width: widthPx, height: heightPx, channels: 4 } })
    .removeAlpha()
    .jpeg({ quality: JPEG_QUALITY, mozjpeg: true })
    .toFile(path.join(folder, `${id}.jpg`))
  console.log(`whyalon: rendered ${id}, ${widthPx} × ${heightPx}`)
}

const rings = path.join(folder, 'rings')
mkdirSync(rings, { recursive: true })
for (const { id, scene } of SAMPLE_RINGS) {
  const { values, widthPx, heightPx } = renderRing(scene)
  const bytes = Uint8Array.from(values, (value) => Math.round(BYTE * codedOf(value)))
  await sharp(bytes, { raw: { width: widthPx, height: heightPx, channels: 1 } })
    .jpeg({ quality: JPEG_QUALITY, mozjpeg: true })
    .toFile(path.join(rings, `${id}.jpg`))
  console.log(`whyalon: rendered ring ${id}, ${widthPx} × ${heightPx}`)
}

/** Linear light as sRGB codes it. @source IEC 61966-2-1 */
function codedOf(linear: number): number {
  return linear <= 0.0031308 ? 12.92 * linear : 1.055 * linear ** (1 / 2.4) - 0.055
}
