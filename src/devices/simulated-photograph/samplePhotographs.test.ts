import path from 'node:path'
import sharp from 'sharp'
import { printScale } from '@/core/photo-gauge/gaugeSheet'
import { greyFromRgba } from '@/core/photo-gauge/GreyImage'
import { photoDiameter } from '@/core/photo-gauge/photoDiameter'
import { readPicture } from '@/core/photo-gauge/readPicture'
import { SAMPLE_SCENES } from './sampleScenes'

/** Circles this far from a true diameter are not of that edge, mm. */
const SAME_EDGE_MM = 0.5

describe('the simulated photographs shipped with the program', () => {
  it.each(SAMPLE_SCENES.map((sample) => [sample.id, sample] as const))(
    'recovers what was true of %s within its own 2 u',
    async (id, sample) => {
      const file = path.join(process.cwd(), 'public/photographs', `${id}.jpg`)
      const { data, info } = await sharp(file).ensureAlpha().raw().toBuffer({ resolveWithObject: true })
      const image = greyFromRgba(data, { widthPx: info.width, heightPx: info.height }, 1)
      const scale = printScale(sample.levelBarMm, sample.uprightBarMm)
      if (!scale.ok) throw new Error(scale.message)
      const seen = readPicture(image, scale.scale)
      if (!seen.ok) throw new Error(seen.reason)
      const { marks, arcs } = seen
      expect(marks).toHaveLength(8)
      for (const trueMm of sample.trueMm) {
        const [longest] = arcs.filter((a) => Math.abs(2 * a.arc.fit.radiusMm - trueMm) < SAME_EDGE_MM)
        const ofEdge = arcs.filter(
          (a) => a.side === longest?.side && Math.abs(2 * a.arc.fit.radiusMm - trueMm) < SAME_EDGE_MM,
        )
        const size = photoDiameter({
          arcs: ofEdge.map((a) => a.pixels),
          marks,
          levelBarMm: sample.levelBarMm,
          uprightBarMm: sample.uprightBarMm,
          edgeHeightMm: longest?.side === 'hole' ? 0 : sample.edgeHeightMm,
          cameraHeightMm: sample.cameraHeightMm,
        })
        if (!size.ok) throw new Error(size.message)
        const { valueMm, standardUncertaintyMm } = size.diameter
        expect(Math.abs(valueMm - trueMm)).toBeLessThan(2 * standardUncertaintyMm)
        expect(standardUncertaintyMm).toBeLessThan(0.06)
        expect(size.disagreement).toBeNull()
      }
    },
    60_000,
  )
})
