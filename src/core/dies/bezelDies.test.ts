import fc from 'fast-check'
import { die } from '../../../tests/factories/parts'
import type { PressedBezel } from './bezelDies'
import { bezelPusher } from './bezelDies'

const BEZEL: PressedBezel = { crystalMm: 30, bezelOuterMm: 34, crystalAboveMm: 0 }
const hollow = (openingMm: number, outerDiameterMm: number, over: Parameters<typeof die>[0] = {}) =>
  die({ id: openingMm, code: `H${openingMm}`, openingMm, outerDiameterMm, recessDepthMm: 6, ...over })
const chosen = (...args: Parameters<typeof bezelPusher>) => {
  const outcome = bezelPusher(...args)
  return outcome.ok ? outcome.best.die.code : null
}

describe('die for a bezel over a neck (common practice: between crystal + 0.5 and the bezel’s outside)', () => {
  it('never touches the crystal and always bears on the bezel', () => {
    const set = Array.from({ length: 120 }, (_, i) =>
      hollow(26 + i / 10, 28 + i / 10, { id: i, code: `H${i}` }),
    )
    fc.assert(
      fc.property(
        fc.double({ min: 26, max: 34, noNaN: true }),
        fc.double({ min: 1.5, max: 4, noNaN: true }),
        (crystalMm, over) => {
          const outcome = bezelPusher(set, { crystalMm, bezelOuterMm: crystalMm + over, crystalAboveMm: 0 })
          if (!outcome.ok) throw new Error('the set covers this range')
          const { openingMm, outerDiameterMm } = outcome.best.die
          expect(openingMm).toBeGreaterThanOrEqual(crystalMm + 0.5 - 1e-9)
          expect(Math.min(outerDiameterMm, crystalMm + over) - openingMm).toBeGreaterThanOrEqual(0.8 - 1e-9)
        },
      ),
    )
  })

  it('takes a die that is just at the limit it states, whatever binary fractions make of it', () => {
    for (let tenths = 260; tenths <= 340; tenths++) {
      const crystalMm = tenths / 10
      const outcome = bezelPusher([], { ...BEZEL, crystalMm, bezelOuterMm: crystalMm + 4 })
      if (outcome.ok) throw new Error('there is no die')
      const { leastOpeningMm, mostOpeningMm } = outcome.wanted
      for (const opening of [leastOpeningMm, mostOpeningMm].map((mm) => Number(mm.toFixed(1))))
        expect(
          chosen([hollow(opening, crystalMm + 4)], { ...BEZEL, crystalMm, bezelOuterMm: crystalMm + 4 }),
        ).toBe(`H${opening}`)
    }
  })

  it('refuses full faces, supports, and openings as wide as the crystal', () => {
    expect(chosen([die({ outerDiameterMm: 34 })], BEZEL)).toBeNull()
    expect(chosen([hollow(31, 34, { role: 'support' })], BEZEL)).toBeNull()
    expect(chosen([hollow(30.2, 34)], BEZEL)).toBeNull()
    expect(chosen([hollow(31, 34)], BEZEL)).toBe('H31')
  })

  it('takes the one that bears widest, and plastic before metal', () => {
    expect(chosen([hollow(32, 36), hollow(30.6, 36)], BEZEL)).toBe('H30.6')
    expect(chosen([hollow(30.6, 36, { material: 'steel' }), hollow(32, 36)], BEZEL)).toBe('H32')
  })

  it('leaves room over what stands above the bezel', () => {
    const cup = { ...BEZEL, crystalAboveMm: 2 }
    expect(chosen([hollow(31, 34, { recessDepthMm: 2.2 })], cup)).toBeNull()
    expect(chosen([hollow(31, 34, { recessDepthMm: 2.3 })], cup)).toBe('H31')
  })

  it('says what would do and why', () => {
    const outcome = bezelPusher([hollow(28, 33)], { ...BEZEL, crystalAboveMm: 1 })
    if (outcome.ok) throw new Error('28 lies on the crystal')
    expect(outcome.wanted).toMatchObject({ leastOpeningMm: 30.5, mostOpeningMm: 33.2, leastRecessMm: 1.3 })
    expect(outcome.nearest?.code).toBe('H28')
    expect(outcome.why).toBe(
      'A ring with an opening of 30.5–33.2, at least 1.3 deep, would do: pressed on the crystal it breaks it.',
    )
  })
})
