import { ALL_MARKS, asPrinted, FIRST_CORNER_DOT, printScale, sheetInk } from './gaugeSheet'

describe('printScale', () => {
  it('takes the printer’s error off both ways, and says how well it is known', () => {
    const outcome = printScale(99.4, 69.65)
    if (!outcome.ok) throw new Error(outcome.message)
    expect(outcome.scale.x).toBeCloseTo(0.994, 9)
    expect(outcome.scale.y).toBeCloseTo(0.995, 9)
    const printed = asPrinted({ xMm: 100, yMm: 70 }, outcome.scale)
    expect(printed.xMm).toBeCloseTo(99.4, 9)
    expect(printed.yMm).toBeCloseTo(69.65, 9)
  })

  it('knows less where only one bar was measured', () => {
    const [one, both] = [printScale(100, null), printScale(100, 70)]
    if (!one.ok || !both.ok) throw new Error('refused')
    expect(one.scale.uncertainty).toBeGreaterThan(both.scale.uncertainty)
    expect(one.scale.y).toBe(1)
  })

  it.each([
    [91, 70, /Level bar: 91 mm is outside 94.0–106.0 mm. Print the sheet at 100 %/],
    [100, 60, /Upright bar: 60 mm is outside 65.8–74.2/],
    [NaN, 70, /Level bar/],
  ])('refuses a print of %s by %s', (level, upright, message) => {
    const outcome = printScale(level, upright)
    expect(!outcome.ok && outcome.message).toMatch(message)
  })
})

describe('sheetInk', () => {
  it('quarters every mark: opposite quarters alike, neighbours not', () => {
    for (const { centre, radiusMm } of ALL_MARKS) {
      const at = (sx: number, sy: number) =>
        sheetInk(centre.xMm + sx * radiusMm * 0.5, centre.yMm + sy * radiusMm * 0.5)
      expect([at(1, -1), at(-1, 1), at(1, 1), at(-1, -1)]).toEqual([0, 0, 1, 1])
    }
  })

  it('leaves the field clear and sets one corner apart by its dot', () => {
    for (let x = 9; x < 102; x += 3) for (let y = 9; y < 72; y += 3) expect(sheetInk(x, y)).toBe(1)
    expect(sheetInk(FIRST_CORNER_DOT.centre.xMm, 0)).toBe(0)
    expect(sheetInk(110 - FIRST_CORNER_DOT.centre.xMm, 80)).toBe(1)
  })
})

describe('sheetInk', () => {
  it('has two quarters black on every mark, wherever it stands', () => {
    for (const { centre, radiusMm } of ALL_MARKS) {
      const at = (dx: number, dy: number) => sheetInk(centre.xMm + dx, centre.yMm + dy)
      const half = radiusMm / 2
      expect([at(half, -half), at(-half, half), at(half, half), at(-half, -half)]).toEqual([0, 0, 1, 1])
      expect(at(0.8 * radiusMm, -0.8 * radiusMm)).toBe(1)
    }
  })

  it('is blank where the pieces lie', () => {
    expect(sheetInk(55, 40)).toBe(1)
  })
})
