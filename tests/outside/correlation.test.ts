import fc from 'fast-check'
import { CholeskyDecomposition, inverse, Matrix } from 'ml-matrix'
import { combinedEstimate } from '@/core/measure/combinedEstimate'
import type { Estimate } from '@/core/measure/Estimate'
import { estimateFromReadings } from '@/core/measure/estimateFromReadings'
import { covarianceOf, fuseEstimates } from '@/core/measure/fuseEstimates'
import { generalisedLeastSquares } from '@/core/measure/generalisedLeastSquares'

/** JCGM 100:2008 (GUM), H.2: voltage, current and phase read together, with the correlations of table H.3. */
const H2 = {
  means: [4.999, 0.019661, 1.04446],
  uncertainties: [0.0032, 0.0000095, 0.00075],
  correlations: [
    [1, -0.36, 0.86],
    [-0.36, 1, -0.65],
    [0.86, -0.65, 1],
  ],
}

/** The three as estimates whose shared errors make up those correlations. */
function correlated(): Estimate[] {
  const factor = new CholeskyDecomposition(new Matrix(H2.correlations)).lowerTriangularMatrix
  return H2.means.map((valueMm, i) => {
    const u = H2.uncertainties[i] ?? NaN
    const shared = Object.fromEntries([0, 1, 2].map((k) => [`source ${k}`, u * factor.get(i, k)]))
    return { valueMm, standardUncertaintyMm: u, shared }
  })
}

describe('GUM, JCGM 100:2008, H.2: resistance and reactance from correlated readings', () => {
  const [v = NaN, i = NaN, phi = NaN] = H2.means
  const [volt, ampere, phase] = correlated()
  if (!volt || !ampere || !phase) throw new Error('three readings')
  const propagated = (dV: number, dI: number, dPhi: number) =>
    combinedEstimate([
      [dV, volt],
      [dI, ampere],
      [dPhi, phase],
    ]).standardUncertaintyMm

  it.each([
    [
      'resistance',
      (v / i) * Math.cos(phi),
      [Math.cos(phi) / i, (-v / i ** 2) * Math.cos(phi), (-v / i) * Math.sin(phi)],
      127.732,
      0.071,
    ],
    [
      'reactance',
      (v / i) * Math.sin(phi),
      [Math.sin(phi) / i, (-v / i ** 2) * Math.sin(phi), (v / i) * Math.cos(phi)],
      219.847,
      0.295,
    ],
    ['impedance', v / i, [1 / i, -v / i ** 2, 0], 254.26, 0.236],
  ] as const)('%s', (_, value, [dV, dI, dPhi], printed, printedUncertainty) => {
    expect(value).toBeCloseTo(printed, 2)
    expect(propagated(dV, dI, dPhi)).toBeCloseTo(printedUncertainty, 2)
  })
})

describe('readings of one caliper (worked by hand: crystal + 2 walls − bore)', () => {
  const by = (valueMm: number, sharedMm: number): Estimate => ({
    valueMm,
    standardUncertaintyMm: Math.hypot(0.005, sharedMm),
    shared: { 'zero 1': sharedMm },
  })
  const wall = { valueMm: 0.5, standardUncertaintyMm: 0.006 }

  it('gives an interference of 0.020 with 0.0139, of which the zero is none', () => {
    const interference = combinedEstimate([
      [1, by(30.02, 0.017)],
      [2, wall],
      [-1, by(31, 0.017)],
    ])
    expect(interference.valueMm).toBeCloseTo(0.02, 12)
    expect(interference.standardUncertaintyMm).toBeCloseTo(0.0139, 4)
  })

  it('would be 0.0277 with two calipers', () => {
    const alone = (valueMm: number): Estimate => ({
      valueMm,
      standardUncertaintyMm: Math.hypot(0.005, 0.017),
    })
    const interference = combinedEstimate([
      [1, alone(30.02)],
      [2, wall],
      [-1, alone(31)],
    ])
    expect(interference.standardUncertaintyMm).toBeCloseTo(0.0277, 3)
  })

  it('shows in figures taken by an instrument as well', () => {
    const caliper = { resolutionMm: 0.01, maximumPermissibleErrorMm: 0.03, zeroOffsetMm: 0, instrumentId: 1 }
    const apart = combinedEstimate([
      [1, estimateFromReadings([30.02], caliper)],
      [-1, estimateFromReadings([31], caliper)],
    ])
    expect(apart.standardUncertaintyMm).toBeCloseTo((0.01 / Math.sqrt(12)) * Math.SQRT2, 12)
  })
})

describe('generalised least squares against the textbook’s formula, (AᵀV⁻¹A)⁻¹AᵀV⁻¹', () => {
  const estimates = fc.array(
    fc.record({
      valueMm: fc.double({ min: 20, max: 40, noNaN: true }),
      own: fc.double({ min: 0.003, max: 0.05, noNaN: true }),
      zero: fc.double({ min: -0.03, max: 0.03, noNaN: true }),
      scale: fc.double({ min: -0.01, max: 0.01, noNaN: true }),
    }),
    { minLength: 2, maxLength: 6 },
  )
  const made = (parts: { valueMm: number; own: number; zero: number; scale: number }[]): Estimate[] =>
    parts.map(({ valueMm, own, zero, scale }) => ({
      valueMm,
      standardUncertaintyMm: Math.hypot(own, zero, scale),
      shared: { zero, scale },
    }))

  it('has the same weights, and the mean its variance', () => {
    fc.assert(
      fc.property(estimates, (parts) => {
        const all = made(parts)
        const v = covarianceOf(all)
        const a = new Matrix(all.map((_, i) => [1, i === 0 ? 1 : 0]))
        const left = a.transpose().mmul(inverse(new Matrix(v)))
        const textbook = inverse(left.mmul(a)).mmul(left).to2DArray()
        const ours = generalisedLeastSquares(a.to2DArray(), v)
        for (const [i, row] of textbook.entries())
          for (const [j, weight] of row.entries()) expect(ours[i]?.[j]).toBeCloseTo(weight, 6)
        const one = new Matrix(all.map(() => [1]))
        const precision = one
          .transpose()
          .mmul(inverse(new Matrix(v)))
          .mmul(one)
          .get(0, 0)
        expect(fuseEstimates(all).standardUncertaintyMm).toBeCloseTo(1 / Math.sqrt(precision), 8)
      }),
    )
  })
})
