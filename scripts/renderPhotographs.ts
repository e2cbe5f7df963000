// Renders the simulated photographs of the gauge sheet that are shipped in public/photographs.
// Run: npx tsx scripts/renderPhotographs.ts (about a minute and a half on two cores)
import { mkdirSync } from 'node:fs'
import path from 'node:path'
import sharp from 'sharp'
import { renderPhotograph } from '@/devices/simulated-photograph/renderPhotograph'
import { SAMPLE_SCENES } from '@/devices/simulated-photograph/sampleScenes'

const JPEG_QUALITY = 86
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
