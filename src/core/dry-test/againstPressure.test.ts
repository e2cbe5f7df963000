import { againstPressure, belowOwnPressure, plannedPressureBar } from './againstPressure'
import { likelyAirCm3 } from './caseAir'

const TESTER = { name: 'Bell', mostBar: 10 }
const everyday = { classBar: 5, diver: false }
const diver = { classBar: 20, diver: true }
const nothing = { classBar: null, diver: false }

describe('the pressure of a dry test', () => {
  // ISO 22810: at its own class; ISO 6425: a diver's at 125 % of it. The parts of both are told in intake/waterClass.
  it('is the piece’s own, as far as the tester goes', () => {
    expect(plannedPressureBar(everyday, TESTER)).toBe(5)
    expect(plannedPressureBar(diver, TESTER)).toBe(10)
    expect(plannedPressureBar(diver, { mostBar: 40 })).toBe(25)
    expect(plannedPressureBar(nothing, TESTER)).toBe(3)
  })

  it('is refused over what tester and piece stand', () => {
    expect(againstPressure(5, everyday, TESTER)).toBeNull()
    expect(againstPressure(-0.7, everyday, TESTER)).toBeNull()
    expect(againstPressure(6, everyday, TESTER)).toMatch(/tested at 5 bar, no higher/)
    expect(againstPressure(11, diver, TESTER)).toMatch(/Bell goes to 10.0 bar/)
    expect(againstPressure(5, nothing, TESTER)).toMatch(/no class is stated/)
  })

  it('says what a test under the piece’s own does not show', () => {
    expect(belowOwnPressure(10, diver)).toMatch(/not at 25 bar, 125/)
    expect(belowOwnPressure(5, everyday)).toBeNull()
    expect(belowOwnPressure(1, nothing)).toBeNull()
  })
})

describe('likelyAirCm3', () => {
  it('is an eighth or so of the outside, nothing where that is not known', () => {
    expect(likelyAirCm3({ caseDiameterMm: 40, caseHeightMm: 11 })).toBe(1.7)
    expect(likelyAirCm3({ caseDiameterMm: 40, caseHeightMm: null })).toBeNull()
  })
})
