import type { RingReading } from './readRing'
import { poorlySeen, turnsPossible } from './turnsPossible'

const reading = (turnedDeg: number, known: RingReading['known'], seen = 72) =>
  ({
    displacement: { turnedDeg, towards3Mm: 0, towards12Mm: 0 },
    known,
    seen: Array.from({ length: 72 }, (_, i) => i < seen),
  }) as unknown as RingReading

describe('the turns a picture leaves possible', () => {
  it('are the one it knows, or those that repeat, the least in the middle', () => {
    expect(turnsPossible(reading(12.4, 'tick'))).toEqual([12.4])
    expect(turnsPossible(reading(12.5, 'no-more'))).toEqual([-5.5, 0.5, 6.5])
    expect(turnsPossible(reading(-31, 'five-minutes'))).toEqual([-31, -1, 29])
  })

  it('rest on few ticks where less than most of the circle is seen', () => {
    expect(poorlySeen(reading(0, 'tick'))).toBeNull()
    expect(poorlySeen(reading(0, 'tick', 36))).toMatch(/^Ticks of both are seen on 50 % of the circle/)
  })
})
