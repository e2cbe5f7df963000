import { anyScene } from './anyScene'
import { isTwelveSeen } from './isTwelveSeen'

const clear = { ...anyScene(0.5, 300), hands: [], glares: [], caseTurnedDeg: 0, turnedDeg: 6 }
const hand = { directionDeg: 1, lengthMm: 13, widthMm: 1, face: 0.5 }
const glare = { directionDeg: 0, fromMiddleMm: 13, radiusMm: 2, strength: 1 }

it('sees the 12 unless a hand lies over the dial’s, or glare over either', () => {
  expect(isTwelveSeen(clear)).toBe(true)
  expect(isTwelveSeen({ ...clear, hands: [hand] })).toBe(false)
  // Short of the track, and the other way.
  expect(isTwelveSeen({ ...clear, hands: [{ ...hand, lengthMm: 8 }] })).toBe(true)
  expect(isTwelveSeen({ ...clear, hands: [{ ...hand, directionDeg: 181 }] })).toBe(true)
  expect(isTwelveSeen({ ...clear, glares: [glare] })).toBe(false)
  expect(isTwelveSeen({ ...clear, glares: [{ ...glare, directionDeg: 90 }] })).toBe(true)
})
