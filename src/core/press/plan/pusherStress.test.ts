import { die, stockCrystal } from '../../../../tests/factories/parts'
import { STRENGTH_POLICY } from '../../plate/strengthPolicy'
import { forceLimits } from './forceLimits'
import { chosenStress, pusherStress } from './pusherStress'

const CRYSTAL = stockCrystal()
const DIES = [10, 20, 26, 29].map((outerDiameterMm, i) =>
  die({ id: i + 1, code: `P${outerDiameterMm}`, outerDiameterMm }),
)

const asked = (over: object = {}) =>
  pusherStress({
    crystal: CRYSTAL,
    forceN: 300,
    pushers: DIES,
    chosen: DIES[3] ?? null,
    forbiddenFromMm: null,
    strength: STRENGTH_POLICY,
    ...over,
  })

describe('pusherStress', () => {
  it('is what plate theory says of each die: 300 N on 30 × 1.0 mineral', () => {
    const by = Object.fromEntries(asked().dies.map(({ code, stressMPa }) => [code, stressMPa]))
    expect(by['P29']).toBeCloseTo(9.59, 2)
    expect(by['P26']).toBeCloseTo(38.91, 2)
    expect(by['P20']).toBeCloseTo(101.89, 2)
    expect(by['P10']).toBeCloseTo(241.64, 2)
    expect(chosenStress(asked())?.code).toBe('P29')
  })

  it('falls towards the edge, to nothing at it', () => {
    const { curve } = asked()
    for (const [i, point] of curve.entries())
      expect(point.stressMPa).toBeLessThan(curve[i - 1]?.stressMPa ?? Infinity)
    expect(curve.at(-1)).toEqual({ diameterMm: 30, stressMPa: 0 })
  })

  it('says from which diameter on it is safe, and which dies touch what they must not', () => {
    const { leastSafeMm, dies, safeMPa } = asked({ forbiddenFromMm: 26 })
    expect(safeMPa).toBe(15)
    expect(leastSafeMm).toBeGreaterThan(28)
    expect(leastSafeMm).toBeLessThan(29)
    expect(dies.filter(({ isClear }) => !isClear).map(({ code }) => code)).toEqual(['P29'])
  })

  it('is drawn for 100 N where nobody can tell the force', () => {
    expect(asked({ forceN: null })).toMatchObject({ forceN: 100, isExpected: false })
  })
})

describe('forceLimits', () => {
  it('are the press’s, and where the chosen die loads the crystal to its weak end', () => {
    const [ofPress, ofCrystal] = forceLimits({ mostForceN: 900 }, asked({ chosen: DIES[2] }))
    expect(ofPress).toEqual({ forceN: 900, of: 'press' })
    // 38.91 MPa at 300 N, 45 bear.
    expect(ofCrystal?.forceN).toBeCloseTo((300 * 45) / 38.91, 0)
    // However much is expected, the limit is one.
    const [other] = forceLimits({ mostForceN: null }, asked({ chosen: DIES[2], forceN: 100 }))
    expect(other?.forceN).toBeCloseTo(ofCrystal?.forceN ?? NaN, 6)
  })

  it('are none where nobody said and no die is chosen', () => {
    expect(forceLimits({ mostForceN: null }, null)).toEqual([])
    expect(forceLimits({ mostForceN: null }, asked({ chosen: null }))).toEqual([])
  })
})
