import { againstProfile, dieProfile, dieToMake } from './dieProfile'
import { dieSection } from './dieSection'
import { revolvedMesh } from './revolvedMesh'

const HOLLOW = { role: 'pusher', outerMm: 29, openingMm: 26, recessMm: 1.8 } as const
const FULL = { role: 'pusher', outerMm: 26, openingMm: 0, recessMm: 0 } as const

describe('dieProfile', () => {
  it('names a die by what it is', () => {
    expect(dieProfile(HOLLOW).name).toBe('PH29.0-26.0x1.8')
    expect(dieProfile(FULL).name).toBe('P26.0')
    expect(dieProfile({ role: 'support', outerMm: 36, openingMm: 31.5, recessMm: 7 }).name).toBe(
      'SH36.0-31.5x7.0',
    )
  })

  it('leaves enough over a recess to carry the load', () => {
    expect(dieProfile({ ...HOLLOW, recessMm: 7 }).heightMm).toBe(13)
    expect(dieProfile(FULL).heightMm).toBe(10)
  })

  it.each([
    [{ ...FULL, outerMm: 0 }, 'outer', /0.00 mm: a die is 4 to 80/],
    [{ ...FULL, outerMm: 900 }, 'outer', /900.00 mm: a die is 4 to 80/],
    [{ ...FULL, outerMm: NaN }, 'outer', /a die is 4 to 80/],
    [{ ...HOLLOW, openingMm: 28.9 }, 'opening', /at least 0.80 less than the outside/],
    [{ ...HOLLOW, recessMm: 0 }, 'recess', /a hollow face has one/],
    [{ ...FULL, recessMm: 2 }, 'recess', /a full face none/],
    [{ ...HOLLOW, recessMm: 90 }, 'recess', /0 to 40/],
  ])('refuses %j', (die, field, words) => {
    expect(againstProfile(die)?.field).toBe(field)
    expect(againstProfile(die)?.message).toMatch(words)
    expect(() => dieProfile(die)).toThrow(RangeError)
  })

  it('makes what a plan aims at, the recess no shallower than wanted', () => {
    const wanted = {
      leastOuterMm: 28.5,
      mostOuterMm: 29.5,
      leastOpeningMm: 24,
      mostOpeningMm: 27.8,
      leastRecessMm: 1.31,
      aimOuterMm: 29,
      aimOpeningMm: 26,
    }
    expect(dieToMake('pusher', wanted)).toEqual({ ...HOLLOW, recessMm: 1.4 })
    expect(dieToMake('pusher', { ...wanted, aimOpeningMm: 0 })).toEqual({
      ...HOLLOW,
      openingMm: 0,
      recessMm: 0,
    })
    expect(dieToMake('support', { ...wanted, aimOuterMm: 30, aimOpeningMm: 30 })).toBeNull()
  })
})

describe('revolvedMesh', () => {
  it.each([HOLLOW, FULL])('every edge is shared by two triangles that run along it either way: %j', (die) => {
    const edges = new Map<string, number>()
    for (const corners of revolvedMesh(dieProfile(die).outline, 24))
      corners.forEach((from, i) => {
        const to = corners[(i + 1) % 3]
        const key = `${from.join()} ${to?.join()}`
        edges.set(key, (edges.get(key) ?? 0) + 1)
      })
    for (const [key, times] of edges) {
      expect(times).toBe(1)
      expect(edges.get(key.split(' ').reverse().join(' '))).toBe(1)
    }
  })
})

describe('dieSection', () => {
  it('is the half outline and its mirror, closed once', () => {
    const points = dieSection(dieProfile(HOLLOW))
    expect(points).toHaveLength(12)
    const sum = points.reduce((all, [x]) => all + x, 0)
    expect(sum).toBeCloseTo(0, 9)
    expect(new Set(points.map((point) => point.join())).size).toBe(points.length)
  })
})
