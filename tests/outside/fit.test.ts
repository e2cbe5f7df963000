import { assessAcrylic } from '@/core/construction/acrylic/assessAcrylic'
import { assessCemented } from '@/core/construction/cement/assessCemented'
import { assessNeck } from '@/core/construction/neck/assessNeck'
import { seededRandom } from '@/devices/seededRandom'
import { acrylicSeatOf, cementSeatOf, neckSeatOf } from '../factories/crystalSeats'
import { FIT_POLICY } from '@/core/fit/fitPolicy'
import { stockCrystal, stockGasket } from '../factories/parts'
import { randomLcg, randomNormal } from 'd3-random'
import jstat from 'jstat'
import {
  diametralInterference,
  interferenceUncertaintyMm,
  wallSqueeze,
} from '@/core/construction/ring/interference'
import { probabilityWithin } from '@/core/fit/probabilityWithin'
import { nearest } from '@/core/fit/soldSizes'

const JOINT = { crystalDiameterMm: 30.05, gasketWallMm: 0.5, boreMm: 31 }
const U = { crystalDiameterMm: 0.02, gasketWallMm: 0.01, boreMm: 0.02 }
const BAND = { lowMm: 0.01, highMm: 0.1 }

describe('crystal in a ring gasket, i = D + 2w − B (worked by hand)', () => {
  it('gives interference, squeeze, uncertainty and probability', () => {
    expect(diametralInterference(JOINT)).toBeCloseTo(0.05, 10)
    expect(wallSqueeze(JOINT)).toBeCloseTo(0.05, 10)
    expect(interferenceUncertaintyMm(U)).toBeCloseTo(0.03464, 5)
    expect(probabilityWithin(0.05, interferenceUncertaintyMm(U), BAND)).toBeCloseTo(0.8014, 4)
  })

  it('agrees with a million draws of the three parts within their counting error', () => {
    const random = randomLcg(0.31)
    const draw = (mean: number, u: number) => randomNormal.source(random)(mean, u)
    const crystal = draw(JOINT.crystalDiameterMm, U.crystalDiameterMm)
    const wall = draw(JOINT.gasketWallMm, U.gasketWallMm)
    const bore = draw(JOINT.boreMm, U.boreMm)
    const draws = 1_000_000
    let inside = 0
    for (let i = 0; i < draws; i++) {
      const interference = crystal() + 2 * wall() - bore()
      if (interference >= BAND.lowMm && interference <= BAND.highMm) inside++
    }
    const p = probabilityWithin(0.05, interferenceUncertaintyMm(U), BAND)
    expect(Math.abs(inside / draws - p)).toBeLessThan(4 * Math.sqrt((p * (1 - p)) / draws))
  })
})

describe('normal distribution against the jStat package', () => {
  it('agrees over eight standard deviations', () => {
    for (let z = -4; z <= 4; z += 0.25) {
      const ours = probabilityWithin(z, 1, { lowMm: -0.5, highMm: 0.75 })
      const theirs = jstat.normal.cdf(0.75, z, 1) - jstat.normal.cdf(-0.5, z, 1)
      expect(ours).toBeCloseTo(theirs, 9)
    }
  })
})

describe('thickness step (common practice)', () => {
  it('takes the 1.0 for a measured 1.1 where stock comes in 1.0 and 1.5', () => {
    expect(nearest([1.0, 1.5], 1.1)).toBe(1.0)
  })
})

describe('the other constructions, against drawing parts and cases', () => {
  const DRAWS = 200_000
  const drawn = (inside: (normal: (sigma: number) => number) => boolean): number => {
    const random = seededRandom(29)
    let count = 0
    for (let i = 0; i < DRAWS; i++) if (inside((sigma) => random.normal(sigma))) count++
    return count / DRAWS
  }
  /** Four standard errors of a share found by drawing. */
  const error = (p: number) => 4 * Math.sqrt((p * (1 - p)) / DRAWS)

  it('glass over a neck: 1 − (bezel − crystal)/2t within its band', () => {
    const ring = stockGasket({ outerDiameterMm: 30.5, wallMm: 0.4 })
    const crystal = stockCrystal({ diameterMm: 29.7, edgeThicknessMm: 1.2 })
    const { fitProbability, band } = assessNeck(crystal, ring, neckSeatOf(), FIT_POLICY)
    const share = drawn((normal) => {
      const squeeze = 1 - (30.52 + normal(0.02) - 29.7 - normal(0.02)) / (2 * (0.4 + normal(0.01)))
      return squeeze >= band.low && squeeze <= band.high
    })
    // The wall stands under the line: the closed form takes its slope only.
    expect(Math.abs(fitProbability - share)).toBeLessThan(error(share) + 0.005)
  })

  it('acrylic in its groove: larger by enough to hold, by too little to craze', () => {
    const crystal = stockCrystal({ build: 'snap', diameterMm: 30.2, undersideRiseMm: 1.5 })
    const { fitProbability } = assessAcrylic(crystal, acrylicSeatOf(), FIT_POLICY)
    const share = drawn((normal) => {
      const oversize = 30.2 + normal(0.02) - 29.95 - normal(0.02)
      return oversize >= 0.05 && oversize <= 0.01 * 30.2
    })
    expect(Math.abs(fitProbability - share)).toBeLessThan(error(share))
  })

  it('a crystal in its rebate: the gap a side within its band', () => {
    const crystal = stockCrystal({ build: 'shaped', diameterMm: 24, widthMm: 20, cornerRadiusMm: 2 })
    const { fitProbability } = assessCemented(crystal, cementSeatOf(), FIT_POLICY)
    const share = drawn((normal) => {
      const gap = (24.12 + normal(0.02) - 24 - normal(0.02)) / 2
      return gap >= 0.02 && gap <= 0.1
    })
    expect(Math.abs(fitProbability - share)).toBeLessThan(error(share))
  })
})
