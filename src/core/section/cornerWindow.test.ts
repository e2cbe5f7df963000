import { describe, expect, it } from '@jest/globals'
import { cornerWindow } from './cornerWindow'
import { outline } from './outline'

const CRYSTAL = outline('crystal', [
  [0, 0],
  [15, 0],
  [15, 1.2],
  [0, 1.2],
])
const at = (more: Partial<Parameters<typeof cornerWindow>[1]> = {}) => ({
  edgeMm: 15,
  width: 312,
  leastScale: 56,
  ...more,
})

describe('cornerWindow', () => {
  it('fills the width round the crystal’s edge, more outward than inward', () => {
    const { fromMm, toMm, scale } = cornerWindow([CRYSTAL], at())
    expect(scale).toBeCloseTo(60, 9)
    expect(fromMm).toBeCloseTo(12.5, 9)
    expect(toMm).toBeCloseTo(17.7, 9)
  })

  it('shows less of the case on a narrow screen, not a smaller one', () => {
    const { fromMm, toMm, scale } = cornerWindow([CRYSTAL], at({ width: 112 }))
    expect(scale).toBe(56)
    expect(toMm - fromMm).toBeCloseTo(2, 9)
    expect(15 - fromMm).toBeCloseTo((2 * 2.5) / 5.2, 9)
  })

  it('reaches over the highest thing near the edge and under the land, and leaves the rest out', () => {
    const tower = outline('case', [
      [2, 9],
      [3, -9],
    ])
    const { topMm, bottomMm } = cornerWindow([CRYSTAL, tower], at())
    expect(topMm).toBeCloseTo(1.5, 9)
    expect(bottomMm).toBeCloseTo(-1.3, 9)
  })

  it('goes down to a ring or a skirt that reaches beside a neck, but not for the case', () => {
    const ring = outline('gasket', [
      [15.2, -1.7],
      [15.4, 1],
    ])
    const wall = outline('case', [[16, -4]])
    const skirt = outline('crystal', [[15, -1.2]])
    expect(cornerWindow([skirt, wall], at()).bottomMm).toBeCloseTo(-1.5, 9)
    expect(cornerWindow([CRYSTAL, ring, wall], at()).bottomMm).toBeCloseTo(-2, 9)
    expect(cornerWindow([CRYSTAL, wall], at()).bottomMm).toBeCloseTo(-1.3, 9)
  })

  it('cuts a high dome off rather than its foot', () => {
    const dome = outline('crystal', [
      [13, 8],
      [15, 0],
    ])
    const { topMm, bottomMm } = cornerWindow([dome], at())
    expect(bottomMm).toBeCloseTo(-1.3, 9)
    expect(topMm).toBeCloseTo(3.3, 9)
  })

  it('refuses a width of nothing', () => {
    expect(() => cornerWindow([CRYSTAL], at({ width: 0 }))).toThrow(/got 0 and 56/)
    expect(() => cornerWindow([CRYSTAL], at({ leastScale: 0 }))).toThrow(RangeError)
  })
})
