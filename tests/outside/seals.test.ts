import { SEAL_POLICY } from '@/core/seals/sealPolicy'
import { assessSeal } from '@/core/seals/assessSeal'
import { leastSectionLoss, sectionLossAtStretch } from '@/core/seals/oRingSection'
import { lindleyBracket, lindleyLoadPerMm, rubberModulusMPa } from '@/core/seals/oRingLoad'
import { STANDARD_O_RINGS } from '@/core/seals/oRingSizes'
import { staticSeal } from '@/core/seals/staticSeal'
import { seededRandom } from '@/devices/seededRandom'
import { figure } from '../factories/crystalSeats'

describe('O-ring sizes, SAE AS568 / ISO 3601-1 (quoted from memory)', () => {
  it.each([
    ['-010', 6.07, 1.78],
    ['-012', 9.25, 1.78],
    ['-020', 21.95, 1.78],
    ['-004', 1.78, 1.78],
    ['-028', 34.65, 1.78],
    ['-005', 2.57, 1.78],
    ['-006', 2.9, 1.78],
    ['-007', 3.68, 1.78],
    ['-008', 4.47, 1.78],
    ['-009', 5.28, 1.78],
    ['-011', 7.65, 1.78],
    ['-029', 37.82, 1.78],
    ['-030', 41, 1.78],
    ['-001', 0.74, 1.02],
    ['-002', 1.07, 1.27],
    ['-003', 1.42, 1.52],
  ])('%s is %s × %s', (name, innerDiameterMm, sectionMm) => {
    expect(STANDARD_O_RINGS).toContainEqual({ name, innerDiameterMm, sectionMm })
  })

  it('grows by a sixteenth of an inch from -013 to -028, as the table does', () => {
    const inner = (dash: number) =>
      STANDARD_O_RINGS.find(({ name }) => name === `-${String(dash).padStart(3, '0')}`)?.innerDiameterMm ??
      NaN
    for (let dash = 13; dash < 28; dash++)
      expect(Math.abs(inner(dash + 1) - inner(dash) - 25.4 / 16)).toBeLessThan(0.021)
  })
})

describe('section lost by stretching, Parker O-Ring Handbook ORD 5700 (values worked out apart)', () => {
  it('2 % stretch loses 1.735 %, 5 % loses 3.395 %', () => {
    expect(100 * sectionLossAtStretch(0.02)).toBeCloseTo(1.735, 3)
    expect(100 * sectionLossAtStretch(0.05)).toBeCloseTo(3.395, 3)
  })

  it('loses at least what rubber of constant volume must', () => {
    // A torus of constant volume: section area falls as the length grows, 1/(1 + x).
    for (let percent = 1; percent <= 25; percent += 0.5) {
      const x = percent / 100
      const shrunk = Math.sqrt(1 / (1 + x))
      expect(leastSectionLoss(x)).toBeCloseTo(1 - shrunk, 12)
      expect(sectionLossAtStretch(x)).toBeGreaterThanOrEqual(leastSectionLoss(x) - 5e-4)
    }
  })

  it('leaves a step of 0.19 % where its two pieces meet at 3 %: so it is printed', () => {
    const step = 100 * (sectionLossAtStretch(0.03) - sectionLossAtStretch(0.0300001))
    expect(step).toBeCloseTo(2.476 - 2.2886, 3)
  })
})

describe('a ring in its groove (values worked out apart)', () => {
  it('0.80 in a gap of 0.60, groove 1.00 wide: squeeze 0.250, fill 0.838', () => {
    const seal = staticSeal({ innerDiameterMm: 29, sectionMm: 0.8 }, { innerMm: 29, widthMm: 1, gapMm: 0.6 })
    expect(seal.squeeze).toBeCloseTo(0.25, 12)
    expect(seal.fill).toBeCloseTo(0.838, 3)
    expect(seal.stretch).toBe(0)
  })
})

describe('load of a squeezed ring', () => {
  it('Lindley (1967): the bracket is 0.11500 at 20 %', () => {
    expect(lindleyBracket(0.2)).toBeCloseTo(0.115, 5)
  })

  it('is π·D·d·E times the bracket all round', () => {
    const perMm = lindleyLoadPerMm(0.8, 0.2, 5.5)
    const groove = { innerMm: 29, widthMm: 1, gapMm: 0.64 }
    const seal = staticSeal({ innerDiameterMm: 29, sectionMm: 0.8 }, groove)
    const modulus = rubberModulusMPa(70)
    expect(seal.loadPerMm).toBeCloseTo((perMm * modulus) / 5.5, 9)
    expect(seal.loadN).toBeCloseTo(Math.PI * 29.8 * 0.8 * modulus * lindleyBracket(0.2), 6)
  })

  it('Gent (1958): 70 Shore A is 5.52 MPa, 50 is 2.46', () => {
    expect(rubberModulusMPa(70)).toBeCloseTo(5.52, 2)
    expect(rubberModulusMPa(20)).toBeLessThan(rubberModulusMPa(80))
    expect(() => rubberModulusMPa(19.9)).toThrow(/shoreA/)
    expect(() => rubberModulusMPa(80.1)).toThrow(/shoreA/)
    expect(rubberModulusMPa(50)).toBeCloseTo(2.46, 2)
  })
})

describe('chance that a ring seals, against drawing rings and grooves', () => {
  it('agrees with a hundred thousand drawn rings and grooves', () => {
    const ring = { innerDiameterMm: 29, sectionMm: 0.78 }
    const random = seededRandom(11)
    const draws = 100_000
    let inside = 0
    for (let i = 0; i < draws; i++) {
      const seal = staticSeal(
        { innerDiameterMm: 29 + random.normal(0.05), sectionMm: 0.78 + random.normal(0.02) },
        { innerMm: 29.4 + random.normal(0.01), widthMm: 1.05, gapMm: 0.6 + random.normal(0.01) },
      )
      if (seal.squeeze >= 0.15 && seal.squeeze <= 0.3) inside++
    }
    const wide = { inner: figure(29.4, 0.01), gap: figure(0.6, 0.01), width: figure(5, 0.01) }
    // Fill and stretch are certain here, so that the odds are those of the squeeze alone.
    expect(assessSeal(ring, wide, SEAL_POLICY).probability).toBeCloseTo(inside / draws, 1)
    expect(Math.abs(assessSeal(ring, wide, SEAL_POLICY).probability - inside / draws)).toBeLessThan(0.02)
  })
})
