import { chordBetweenNotches, notchCircleFromChord } from '@/core/notches/chordBetweenNotches'
import { pinSetting } from '@/core/notches/pinTriple'
import { screwOrder } from '@/core/notches/screwOrder'

describe('notches on a circle, c = D·sin(πk/n) (elementary geometry, worked by hand)', () => {
  it('sets six notches on 34.64 to 30.00 with the third pin 25.98 away', () => {
    expect(chordBetweenNotches(34.64, 6, 2)).toBeCloseTo(30.0, 2)
    expect(notchCircleFromChord(30.0, 6, 2)).toBeCloseTo(34.64, 2)
    const setting = pinSetting(34.64, 6)
    expect(setting.grip === 'three-pins' && setting.triple.notches).toEqual([0, 2, 4])
    expect(setting.grip === 'three-pins' && setting.triple.thirdPinDistanceMm).toBeCloseTo(25.98, 2)
  })

  it.each([
    [5, [1, 2, 2]],
    [8, [2, 3, 3]],
    [12, [4, 4, 4]],
    [4, [1, 1, 2]],
  ])('%i notches: gaps %j', (count, gaps) => {
    const setting = pinSetting(30, count)
    expect(setting.grip !== 'two-pins' && [...setting.triple.gaps].sort((a, b) => a - b)).toEqual(gaps)
    expect(setting.grip).toBe(count === 4 ? 'rocks' : 'three-pins')
  })
})

describe('star order of screws', () => {
  it('is the legacy star pattern of ASME PCC-1 for 4, 8 and 12 bolts (from memory)', () => {
    const numbered = (count: number) => screwOrder(count).map((screw) => screw + 1)
    expect(numbered(4)).toEqual([1, 3, 2, 4])
    expect(numbered(8)).toEqual([1, 5, 3, 7, 2, 6, 4, 8])
    expect(numbered(12)).toEqual([1, 7, 4, 10, 2, 8, 5, 11, 3, 9, 6, 12])
  })

  it('crosses over four, five and six screws (common practice)', () => {
    expect(screwOrder(4)).toEqual([0, 2, 1, 3])
    expect(screwOrder(5)).toEqual([0, 2, 4, 1, 3])
    expect(screwOrder(6)).toEqual([0, 3, 1, 4, 2, 5])
  })
})
