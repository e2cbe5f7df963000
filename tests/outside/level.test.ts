import jStat from 'jstat'
import { fitRimPlane } from '@/core/level/fitRimPlane'
import { seededRandom } from '@/devices/seededRandom'

const RIMS = 200

describe('least squares of another package (jstat, ordinary least squares)', () => {
  it(`gives the same plane through the heights of ${RIMS} rims`, () => {
    const random = seededRandom(19)
    for (let rim = 0; rim < RIMS; rim++) {
      const places = 4 + 2 * random.index(3)
      const heights = Array.from({ length: places }, (_, i) => ({
        directionDeg: (360 / places) * i,
        heightMm: 0.4 + random.normal(0.05),
      }))
      const design = heights.map(({ directionDeg }) => {
        const angle = (directionDeg * Math.PI) / 180
        return [1, Math.cos(angle), Math.sin(angle)]
      })
      const { coef } = jStat.models.ols(
        heights.map(({ heightMm }) => heightMm),
        design,
      )
      const fitted = fitRimPlane(heights)
      if (!fitted.ok) throw new Error(fitted.reason)
      const { meanMm, tilt } = fitted.plane
      expect(meanMm).toBeCloseTo(coef[0] ?? NaN, 9)
      expect(tilt.towards12Mm).toBeCloseTo(2 * (coef[1] ?? NaN), 9)
      expect(tilt.towards3Mm).toBeCloseTo(2 * (coef[2] ?? NaN), 9)
    }
  })
})
