import { die } from '../../../tests/factories/parts'
import { drawnDies } from './drawnDies'
import type { Outline } from './outline'

const OUTLINES: readonly Outline[] = [
  {
    material: 'crystal',
    points: [
      [0, 0],
      [15, 0],
      [15, 0.9],
      [14.8, 1],
      [0, 1.4],
    ],
  },
  {
    material: 'case',
    points: [
      [15.5, 0.8],
      [19, -1],
      [19, -6],
      [13, -6],
      [13, 0],
      [15.5, 0],
    ],
  },
]
const PUSHER = die({ code: 'PH29', outerDiameterMm: 29, openingMm: 26, recessDepthMm: 0.9 })
const SUPPORT = die({ code: 'S32', role: 'support', outerDiameterMm: 36, openingMm: 32, recessDepthMm: 7 })
const facesOf = (dies: ReturnType<typeof drawnDies>) =>
  Object.fromEntries(dies.map(({ role, points }) => [role, points[0]?.[1]]))

describe('drawnDies', () => {
  it('pressed in: the pusher on the crystal where its ring meets the dome first, the support under the case', () => {
    const faces = facesOf(drawnDies(OUTLINES, { pusher: PUSHER, support: SUPPORT }, 'in'))
    // The dome's slope at 13 mm.
    expect(faces['pusher']).toBeCloseTo(1 + (0.4 * (14.8 - 13.02)) / 14.8, 3)
    expect(faces['support']).toBe(-6)
  })

  it('pushed out: the pusher under the crystal, the support on what is its top', () => {
    const full = die({ code: 'P26', outerDiameterMm: 26, openingMm: 0 })
    const dies = drawnDies(OUTLINES, { pusher: full, support: SUPPORT }, 'out')
    const faces = facesOf(dies)
    expect(faces['pusher']).toBe(0)
    expect(faces['support']).toBeCloseTo(0.8 - (1.8 * 0.52) / 3.5, 2)
    // Its body goes the other way.
    expect(Math.max(...(dies[0]?.points.map(([, z]) => z) ?? []))).toBe(0)
  })

  it('shut from behind: the pusher on the back, the support on what is its top and never on the glass', () => {
    const back = die({ code: 'P34', outerDiameterMm: 34, openingMm: 28, recessDepthMm: 2 })
    const dies = drawnDies(OUTLINES, { pusher: back, support: SUPPORT }, 'shut')
    const faces = facesOf(dies)
    expect(faces['pusher']).toBe(-6)
    expect(faces['support']).toBeCloseTo(0.8 - (1.8 * 0.52) / 3.5, 2)
    // Its body lies behind the case.
    expect(Math.min(...(dies[0]?.points.map(([, z]) => z) ?? []))).toBeLessThan(-6)
    const onGlass = drawnDies(OUTLINES.slice(0, 1), { pusher: back, support: null }, 'shut')
    expect(onGlass).toEqual([])
  })

  it('draws what is chosen, and nothing where nothing lies in its way', () => {
    expect(drawnDies(OUTLINES, { pusher: null, support: SUPPORT }, 'in')).toHaveLength(1)
    expect(drawnDies([], { pusher: PUSHER, support: SUPPORT }, 'in')).toEqual([])
  })
})
