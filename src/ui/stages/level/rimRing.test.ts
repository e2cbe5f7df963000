import { onRing, rimRing } from './rimRing'

const height = (hour: string, directionDeg: number, heightMm: number) => ({ hour, directionDeg, heightMm })
const LEVEL = {
  advice: 'press-again',
  isLevel: false,
  words: '',
  because: '',
  standardUncertaintyMm: 0.01,
  markedDeg: null,
} as const

describe('rimRing', () => {
  it('has 12 up and 3 at the right', () => {
    expect(onRing(10, 0)).toEqual({ x: 0, y: -10 })
    expect(onRing(10, 90)).toEqual({ x: 10, y: -0 })
  })

  it('draws what stands high outward, and what stands low inward', () => {
    const { spokes, leaning } = rimRing(
      { heights: [height('12', 0, 0.52), height('6', 180, 0.44)], standing: null },
      60,
    )
    expect(spokes[0]?.to.y).toBeLessThan(spokes[0]?.from.y ?? NaN)
    expect(spokes[1]?.to.y).toBeLessThan(spokes[1]?.from.y ?? NaN)
    expect(leaning).toBeNull()
  })

  it('moves a leaning rim to its high side, and never out of the picture', () => {
    const { leaning, spokes } = rimRing(
      {
        heights: [height('3', 90, 3), height('9', 270, 0)],
        standing: { ...LEVEL, tiltMm: 3, highSideDeg: 90 },
      },
      60,
    )
    expect(leaning?.x).toBe(16)
    expect(spokes[0]?.to.x).toBe(76)
  })
})
