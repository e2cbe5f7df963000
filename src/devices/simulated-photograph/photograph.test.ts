import { greyFromRgba } from '@/core/photo-gauge/GreyImage'
import { findCorners, readPicture } from '@/core/photo-gauge/readPicture'
import { marksNear } from '@/core/photo-gauge/sheetView'
import { caseSheet } from '../../../tests/factories/caseSheet'
import { readScene, RING, scene, sizeOf } from '../../../tests/factories/photographs'
import { simulatedBench } from '../simulated-bench/simulatedBench'
import { renderPhotograph } from './renderPhotograph'

describe('a simulated photograph of a ring', () => {
  it.each([
    ['level, flat', scene({ pieces: [{ ...RING, heightMm: 0.01 }] }), 0.01],
    [
      'tilted, turned, shaded, printed short, raised',
      scene({
        pieces: [{ ...RING, heightMm: 1 }],
        camera: { tiltDeg: 8, leanDeg: 130, rollDeg: 176, noise: 0.02, blurPx: 1.2, heightMm: 340 },
        print: { x: 0.985, y: 0.99, uncertainty: 0 },
        shadow: { depth: 0.3, xPerMm: 0.5, yPerMm: 0.3 },
        seed: 5,
      }),
      1,
    ],
    [
      'standing on its side',
      scene({
        pieces: [{ ...RING, heightMm: 0.5 }],
        camera: { rollDeg: 90, fieldMm: 190, leanDeg: 40, tiltDeg: 4 },
        seed: 9,
      }),
      0.5,
    ],
  ])('gives its true diameters within 2 u: %s', (_, taken, heightMm) => {
    const found = readScene(taken)
    const outline = found.arcs.filter((a) => a.side === 'outline')[0]
    const hole = found.arcs.filter((a) => a.side === 'hole')[0]
    if (!outline || !hole) throw new Error('edges missing')
    const outer = sizeOf(taken, found, [outline], heightMm)
    expect(Math.abs(outer.valueMm - 36)).toBeLessThan(2 * outer.standardUncertaintyMm)
    expect(outer.standardUncertaintyMm).toBeLessThan(0.11)
    // The inside of a ring is seen where it meets the paper.
    const inner = sizeOf(taken, found, [hole], 0)
    expect(Math.abs(inner.valueMm - 26)).toBeLessThan(2 * inner.standardUncertaintyMm)
  })

  it('is wrong by the height when the height is left out', () => {
    const taken = scene({ pieces: [{ ...RING, heightMm: 3 }], camera: { heightMm: 200 } })
    const found = readScene(taken)
    const outline = found.arcs.filter((a) => a.side === 'outline').slice(0, 1)
    const naive = sizeOf(taken, found, outline, 0)
    expect(naive.valueMm - 36).toBeGreaterThan(0.4)
    expect(Math.abs(sizeOf(taken, found, outline, 3).valueMm - 36)).toBeLessThan(0.12)
  })
})

describe('the simulated bench’s photograph', () => {
  it('of a crystal it broke leads back to the size it hid', () => {
    const bench = simulatedBench({ seed: 21, sheet: caseSheet() })
    const camera = { widthPx: 1200, heightPx: 900, noise: 0.008 }
    const photo = bench.photograph(bench.breakCrystal(4), camera)
    if (!photo) throw new Error('nothing to photograph')
    const image = greyFromRgba(photo.rgba, photo, 1)
    const seen = readPicture(image, { x: 1, y: 1, uncertainty: 0 })
    if (!seen.ok) throw new Error(seen.reason)
    const rims = seen.arcs.filter((arc) => arc.side === 'outline' && Math.abs(arc.arc.fit.radiusMm - 15) < 1)
    const trueMm = bench.piece.trueMm({ dimension: 'crystal-diameter', placeIndex: 0 }) ?? NaN
    const edgeMm = bench.piece.trueMm({ dimension: 'crystal-edge', placeIndex: 0 }) ?? NaN
    const size = sizeOf(scene({}), seen, rims.slice(0, 4), edgeMm)
    expect(rims.length).toBeGreaterThanOrEqual(3)
    expect(Math.abs(size.valueMm - trueMm)).toBeLessThan(2 * size.standardUncertaintyMm)
  })
})

describe('marksNear', () => {
  it('does not take blank paper for a corner mark', () => {
    const photo = renderPhotograph(scene({}), 1)
    const image = greyFromRgba(photo.rgba, photo, 1)
    const found = findCorners(image)
    if (!found.ok) throw new Error(found.reason)
    const [first, ...others] = found.corners
    expect(marksNear(image, found.corners)).toHaveLength(8)
    const off = { x: first.x, y: first.y + 70 }
    expect(marksNear(image, [off, ...others])).toBeNull()
  })
})

describe('findCorners', () => {
  it('finds no sheet in a picture of nothing', () => {
    const noise = scene({ camera: { fieldMm: 20, noise: 0.2 } })
    const photo = renderPhotograph(noise, 1)
    expect(findCorners(greyFromRgba(photo.rgba, photo, 1)).ok).toBe(false)
  })

  it('does not take three corners and a side mark for the sheet', () => {
    const cut = scene({ camera: { fieldMm: 105 } })
    const photo = renderPhotograph(cut, 1)
    expect(findCorners(greyFromRgba(photo.rgba, photo, 1)).ok).toBe(false)
  })

  it('tells the first corner whichever way round the sheet lies', () => {
    for (const rollDeg of [0, 90, 180, 270]) {
      const photo = renderPhotograph(scene({ camera: { rollDeg, fieldMm: 190 } }), 1)
      const found = findCorners(greyFromRgba(photo.rgba, photo, 1))
      if (!found.ok) throw new Error(found.reason)
      const [first, second] = found.corners
      const towards = (Math.atan2(second.y - first.y, second.x - first.x) * 180) / Math.PI
      // The picture turned by the camera's roll: the sheet's x axis turns the other way.
      expect((towards + rollDeg + 720 + 180) % 360).toBeCloseTo(180, 0)
    }
  })
})
