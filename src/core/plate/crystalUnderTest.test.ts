import type { Plate } from './crystalStrength'
import { crystalUnderTest } from './crystalUnderTest'
import { STRENGTH_POLICY } from './strengthPolicy'

const crystal = (thicknessMm: number): Plate => ({
  ...{ diameterMm: 30, edgeThicknessMm: thicknessMm, centreThicknessMm: thicknessMm },
  ...{ material: 'mineral', profile: 'flat' },
})
const warned = (fitted: Plate | null, original: Plate | null, classBar: number | null) =>
  crystalUnderTest({ fitted, original }, { classBar, diver: false }, STRENGTH_POLICY)

describe('a crystal before its case is put under pressure', () => {
  it('is warned of where it is too thin or weaker than what was there', () => {
    expect(warned(crystal(1), null, 10)).toMatch(
      /^Too thin by plate theory, the old crystal not known at 10 bar/,
    )
    expect(warned(crystal(1), crystal(2), 10)).toMatch(/^Would break|^Weaker than/)
  })

  it('goes unsaid where it is as it was, strong, not known, or nothing is stated', () => {
    expect(warned(null, crystal(1), 10)).toBeNull()
    expect(warned(crystal(4), null, 5)).toBeNull()
    expect(warned(null, null, 10)).toBeNull()
    expect(warned(crystal(1), null, null)).toBeNull()
  })
})
