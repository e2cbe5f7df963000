import { STRENGTH_POLICY } from './strengthPolicy'
import fc from 'fast-check'
import { bendingUnderPressure, stressUnderRing } from './circularPlate'
import { crystalStrength, pressureOfClass, strengthSentence } from './crystalStrength'

const plate = { radiusMm: 15, thicknessMm: 1, youngsModulusMPa: 72_000, poissonsRatio: 0.22 }
const crystal = {
  diameterMm: 30,
  edgeThicknessMm: 1,
  centreThicknessMm: 1,
  material: 'mineral',
  profile: 'flat',
} as const

describe('bendingUnderPressure', () => {
  it('grows with pressure in proportion, and falls with the square and cube of the thickness', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.05, max: 3, noNaN: true }),
        fc.double({ min: 0.5, max: 4, noNaN: true }),
        fc.constantFrom('simply-supported' as const, 'clamped' as const),
        (pressureMPa, thicknessMm, edge) => {
          const one = bendingUnderPressure({ ...plate, thicknessMm }, pressureMPa, edge)
          const twice = bendingUnderPressure({ ...plate, thicknessMm }, 2 * pressureMPa, edge)
          const thick = bendingUnderPressure({ ...plate, thicknessMm: 2 * thicknessMm }, pressureMPa, edge)
          expect(twice.stressMPa / one.stressMPa).toBeCloseTo(2, 9)
          expect(one.stressMPa / thick.stressMPa).toBeCloseTo(4, 9)
          expect(one.deflectionMm / thick.deflectionMm).toBeCloseTo(8, 9)
        },
      ),
    )
  })

  it('refuses what is no plate', () => {
    expect(() => bendingUnderPressure({ ...plate, thicknessMm: 0 }, 1, 'clamped')).toThrow(/thicknessMm/)
    expect(() => bendingUnderPressure({ ...plate, poissonsRatio: 0.6 }, 1, 'clamped')).toThrow(
      /poissonsRatio/,
    )
    expect(() => bendingUnderPressure(plate, NaN, 'clamped')).toThrow(/pressureMPa/)
  })
})

describe('stressUnderRing', () => {
  it('is the larger the smaller the ring, and nothing on the support itself', () => {
    expect(stressUnderRing(plate, 300, 15)).toBeCloseTo(0, 12)
    expect(stressUnderRing(plate, 300, 5)).toBeGreaterThan(stressUnderRing(plate, 300, 10))
    expect(() => stressUnderRing(plate, 300, 16)).toThrow(/ringRadiusMm/)
  })
})

describe('crystalStrength', () => {
  it('tells thick from thin, and sapphire from mineral', () => {
    expect(crystalStrength(crystal, 10, STRENGTH_POLICY).verdict).toBe('too-thin')
    expect(crystalStrength({ ...crystal, material: 'sapphire' }, 10, STRENGTH_POLICY).verdict).toBe('narrow')
    expect(
      crystalStrength(
        { ...crystal, material: 'sapphire', edgeThicknessMm: 2.5, centreThicknessMm: 2.5 },
        10,
        STRENGTH_POLICY,
      ).verdict,
    ).toBe('strong')
  })

  it('says where the theory overstates', () => {
    expect(crystalStrength(crystal, 10, STRENGTH_POLICY).overstated).toBe(true)
    expect(
      crystalStrength({ ...crystal, edgeThicknessMm: 2, centreThicknessMm: 2 }, 10, STRENGTH_POLICY)
        .overstated,
    ).toBe(false)
  })

  it('tests a diver at 125 % of the least a diver may state', () => {
    expect(pressureOfClass('diver')).toBe(12.5)
    expect(pressureOfClass('none')).toBeNull()
  })
})

describe('strengthSentence', () => {
  it('is a guide with its figures, its limits and no promise', () => {
    const words = strengthSentence(crystal, '10-bar', null, STRENGTH_POLICY) ?? ''
    expect(words).toMatch(/too thin for 10.0 bar \(it bends so far that the plate theory overstates\)/)
    expect(words).toMatch(/169–272 MPa in a material that bears 45–70, 0.54 inward/)
    expect(words).toMatch(/never a rating/)
    expect(strengthSentence({ ...crystal, profile: 'single-dome' }, '5-bar', null, STRENGTH_POLICY)).toMatch(
      /a dome bears more/,
    )
    expect(strengthSentence(crystal, 'none', null, STRENGTH_POLICY)).toBeNull()
    expect(strengthSentence(crystal, '3-bar', null, STRENGTH_POLICY)).toBeNull()
  })
})
