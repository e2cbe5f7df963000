import { randomLcg, randomNormal } from 'd3-random'
import jstat from 'jstat'
import {
  diametralInterference,
  interferenceUncertaintyMm,
  probabilityWithin,
  wallSqueeze,
} from '@/core/fit/interference'
import { nearest } from '@/core/fit/nearestOrder'

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
