import { STRENGTH_POLICY } from './strengthPolicy'
import fc from 'fast-check'
import { bendingUnderPressure, deflectionAtMm, stressUnderRing } from './circularPlate'
import { testPressure } from '../intake/waterClass'
import type { Plate } from './crystalStrength'
import { judgeStrength, underPressure } from './crystalStrength'
import { strengthRefusal, strengthSentence, strengthWarning } from './strengthWords'

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

describe('deflectionAtMm', () => {
  it('is the middle’s in the middle, nothing at the rim, and falls between', () => {
    const middle = bendingUnderPressure(plate, 1, 'simply-supported').deflectionMm
    expect(deflectionAtMm(plate, 1, 0)).toBeCloseTo(middle, 12)
    expect(deflectionAtMm(plate, 1, 15)).toBe(0)
    expect(deflectionAtMm(plate, 1, 99)).toBe(0)
    // At half the radius: (1 − ¼)·((5 + ν)/(1 + ν) − ¼) over (5 + ν)/(1 + ν), ν = .22.
    const k = 5.22 / 1.22
    expect(deflectionAtMm(plate, 1, 7.5)).toBeCloseTo((middle * 0.75 * (k - 0.25)) / k, 12)
  })
})

const at = (classBar: number, diver = false) => testPressure({ classBar, diver })
const judged = (
  over: Partial<Plate>,
  original: Partial<Plate> | null,
  pressure = at(5),
  policy = STRENGTH_POLICY,
) => {
  const plateOf = (one: Partial<Plate>): Plate => ({ ...crystal, ...one })
  const judgement = judgeStrength(plateOf(over), original && plateOf(original), pressure, policy)
  if (!judgement) throw new Error('not loaded')
  return {
    verdict: judgement.verdict,
    warning: strengthWarning(judgement),
    refusal: strengthRefusal(plateOf(over), judgement, policy),
    sentence: strengthSentence(plateOf(over), judgement, policy),
  }
}
const thick = (mm: number) => ({ edgeThicknessMm: mm, centreThicknessMm: mm })

describe('judgeStrength', () => {
  it('calls like for like as it was, even where the handbook says thin', () => {
    expect(judged({}, {})).toMatchObject({ verdict: 'as-it-was', warning: null, refusal: null })
    expect(judged({}, {}).sentence).toMatch(/^As it was: no weaker than the crystal that was there/)
    // A few hundredths of thickness are no weakness.
    expect(judged(thick(0.96), {}).verdict).toBe('as-it-was')
  })

  it('warns of one weaker than what was there, and with figures where the handbook says so too', () => {
    const stout = judged(
      { material: 'sapphire', ...thick(2.5) },
      { material: 'sapphire', ...thick(3) },
      at(10),
    )
    expect(stout).toMatchObject({
      verdict: 'weaker',
      warning: 'weaker than the crystal that was there',
      refusal: null,
    })
    const thin = judged(thick(1.8), thick(2.2), at(10))
    expect(thin).toMatchObject({ verdict: 'too-thin', warning: 'too thin for 10 bar', refusal: null })
    expect(thin.sentence).toMatch(/\d+–\d+ MPa in a material that bears 45–70; the old one \d+–\d+ MPa/)
  })

  it('blocks one weaker than what was there whose clamped stress is past the strong end of its material', () => {
    const blocked = judged(thick(1), thick(2), at(10))
    // 168.8 MPa held fast, 70 at the most for mineral.
    expect(blocked.verdict).toBe('blocked')
    expect(blocked.refusal).toMatch(/held fast 169 MPa at 10 bar where its material bears at most 70/)
    // The same crystal where the old one was as thin only warns of nothing: it is as it was.
    expect(judged(thick(1), thick(1), at(10)).refusal).toBeNull()
  })

  it('warns where nobody knows what was there, and blocks nothing', () => {
    expect(judged({}, null, at(10))).toMatchObject({
      verdict: 'too-thin',
      warning: 'too thin for 10 bar, the old crystal not known',
      refusal: null,
    })
    expect(judged({ material: 'sapphire' }, null, at(10)).verdict).toBe('narrow')
    expect(judged({ material: 'sapphire', ...thick(2.5) }, null, at(10))).toMatchObject({
      verdict: 'strong',
      warning: null,
    })
  })

  it('is not asked of a case without a class, nor of one that only bears splashes', () => {
    expect(judgeStrength(crystal, null, null, STRENGTH_POLICY)).toBeNull()
    expect(judgeStrength(crystal, null, at(3), STRENGTH_POLICY)).toBeNull()
  })

  it('says where the theory overstates, and that a dome bears more', () => {
    expect(underPressure(crystal, 10, STRENGTH_POLICY).overstated).toBe(true)
    expect(underPressure({ ...crystal, ...thick(2) }, 10, STRENGTH_POLICY).overstated).toBe(false)
    expect(judged({ profile: 'single-dome' }, null).sentence).toMatch(/a dome bears more/)
    expect(judged({ material: 'sapphire', ...thick(2.5) }, null).sentence).toMatch(
      /^Strong enough by plate theory at 5 bar: /,
    )
  })

  it('is a guide with its figures, its limits and no promise', () => {
    const { sentence } = judged({}, null, at(10))
    expect(sentence).toMatch(/at 10 bar \(it bends so far that the plate theory overstates\)/)
    expect(sentence).toMatch(/169–272 MPa in a material that bears 45–70; 0.54 inward/)
    expect(sentence).toMatch(/never a rating/)
  })
})

describe('testPressure', () => {
  it('is the class itself, and 125 % of its own class for a diver', () => {
    expect(at(5)).toEqual({ bar: 5, assumed: false, words: '5 bar' })
    expect(at(20, true)).toMatchObject({ bar: 25, assumed: false })
    expect(at(30, true)?.bar).toBe(37.5)
    expect(at(20, true)?.words).toBe('25 bar, 125\u00A0% of a diver’s 20 bar')
  })

  it('takes the least a diver may state where it states none, and marks it assumed', () => {
    expect(testPressure({ classBar: null, diver: true })).toEqual({
      bar: 12.5,
      assumed: true,
      words: '12.5 bar, 125\u00A0% of a diver’s 10 bar, assumed',
    })
    expect(testPressure({ classBar: null, diver: false })).toBeNull()
  })
})
