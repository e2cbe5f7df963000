import fc from 'fast-check'
import { chiSquaredDistributionTable } from 'simple-statistics'
import type { Displacement } from './Displacement'
import { tickOffsetMm } from './Displacement'
import type { Offset } from './fitOffsets'
import { fitOffsets, mostChiSquared } from './fitOffsets'

const NOISE_MM = 0.03
const read = (byHour: Readonly<Record<number, number>>): Offset[] =>
  Object.entries(byHour).map(([hour, offsetMm]) => ({ directionDeg: (Number(hour) % 12) * 30, offsetMm }))
const HOURS = [12, 3, 6, 9]

describe('turned or off-centre', () => {
  it('tells half of what looks like a turn to be decentring, at 12 and 6', () => {
    const fit = fitOffsets(read({ 12: 0, 6: 0.15 }), 14, NOISE_MM)
    expect(fit.turnedDeg?.value).toBeCloseTo(0.307, 3)
    expect(fit.towards3Mm?.value).toBeCloseTo(-0.075, 6)
    // Neither place moves with a shift towards 12.
    expect(fit.towards12Mm).toBeNull()
    expect(fit.offCentreUncertaintyMm).toBeNull()
  })

  it('tells both at four places', () => {
    const fit = fitOffsets(read({ 12: 0.1, 3: 0.06, 6: 0.02, 9: 0.06 }), 14, NOISE_MM)
    expect(fit.turnedDeg?.value).toBeCloseTo(0.2456, 4)
    expect(fit.towards3Mm?.value).toBeCloseTo(0.04, 6)
    expect(fit.towards12Mm?.value).toBeCloseTo(0, 6)
    expect(fit.turnedDeg?.standardUncertainty).toBeCloseTo((0.015 / 14) * (180 / Math.PI), 6)
    expect(fit.towards3Mm?.standardUncertainty).toBeCloseTo(0.03 / Math.SQRT2, 6)
    expect(fit.doubt).toBeNull()
  })

  it.each([
    [[12], { turned: false, x: false, y: false }],
    [[12, 6], { turned: true, x: true, y: false }],
    [[3, 9], { turned: true, x: false, y: true }],
    [[2, 8], { turned: true, x: false, y: false }],
    [[12, 3], { turned: false, x: false, y: false }],
    [[12, 3, 6], { turned: true, x: true, y: true }],
    [[12, 1, 2], { turned: true, x: true, y: true }],
  ])('says what places %j cannot tell', (hours, seen) => {
    const fit = fitOffsets(read(Object.fromEntries(hours.map((hour) => [hour, 0.05]))), 14, NOISE_MM)
    expect({
      turned: fit.turnedDeg !== null,
      x: fit.towards3Mm !== null,
      y: fit.towards12Mm !== null,
    }).toEqual(seen)
    expect(fit.ifCentredDeg.value).toBeCloseTo(((0.05 / 14) * 180) / Math.PI, 6)
  })

  it('gives back what a ring was turned and shifted by, from whichever places tell it', () => {
    const some = fc.shuffledSubarray([1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12], { minLength: 3 })
    const by = { min: -3, max: 3, noNaN: true }
    fc.assert(
      fc.property(some, fc.double(by), fc.double(by), fc.double(by), (hours, turnedDeg, x, y) => {
        const truth: Displacement = { turnedDeg, towards3Mm: x, towards12Mm: y }
        const offsets = hours.map((hour) => ({
          directionDeg: hour * 30,
          offsetMm: tickOffsetMm(truth, 14, hour * 30),
        }))
        const { displacement, doubt } = fitOffsets(offsets, 14, NOISE_MM)
        expect(displacement.turnedDeg).toBeCloseTo(turnedDeg, 6)
        expect(displacement.towards3Mm).toBeCloseTo(x, 6)
        expect(displacement.towards12Mm).toBeCloseTo(y, 6)
        expect(doubt).toBeNull()
      }),
    )
  })
})

describe('a place that does not go with the others', () => {
  const truth: Displacement = { turnedDeg: 0.6, towards3Mm: 0.05, towards12Mm: -0.04 }
  const wrongAt = (hours: readonly number[], hour: number, byMm: number) =>
    hours.map((one) => ({
      directionDeg: (one % 12) * 30,
      offsetMm: tickOffsetMm(truth, 14, one * 30) + (one === hour ? byMm : 0),
    }))

  it('is named where the others agree without it', () => {
    const hours = [12, 2, 4, 6, 8, 10]
    expect(fitOffsets(wrongAt(hours, 8, 0.3), 14, NOISE_MM).doubt).toEqual({ directionDeg: 240 })
    expect(fitOffsets(wrongAt(hours, 8, 0.02), 14, NOISE_MM).doubt).toBeNull()
  })

  it('is not named at four: each may be the wrong one', () => {
    expect(fitOffsets(wrongAt(HOURS, 6, 0.3), 14, NOISE_MM).doubt).toEqual({ directionDeg: null })
  })

  it('goes by the critical values of the handbook, as another package holds them', () => {
    const table = new Map(Object.entries(chiSquaredDistributionTable))
    for (let spare = 1; spare <= 9; spare++)
      expect(Math.abs(mostChiSquared(spare) - (table.get(String(spare))?.['0.01'] ?? 0))).toBeLessThan(0.006)
    expect(mostChiSquared(0)).toBe(Infinity)
  })
})

it('refuses what is no figure, no place and no radius', () => {
  expect(() => fitOffsets([], 14, NOISE_MM)).toThrow(RangeError)
  expect(() => fitOffsets(read({ 12: NaN }), 14, NOISE_MM)).toThrow(/offsetMm/)
  expect(() => fitOffsets(read({ 12: 0.1 }), 0, NOISE_MM)).toThrow(/radiusMm/)
  expect(() => fitOffsets(read({ 12: 0.1 }), 14, 0)).toThrow(/noiseMm/)
})
