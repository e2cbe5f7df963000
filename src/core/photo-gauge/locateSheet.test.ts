import { INK, PAPER, paintedPicture, sheetPicture } from '../../../tests/factories/sheetPicture'
import { CORNER_MARKS } from './gaugeSheet'
import type { GreyImage } from './GreyImage'
import type { Homography } from './homography'
import { pictureOf } from './homography'
import type { SheetCorners } from './locateSheet'
import { homographyOfCorners, locateSheet, showsSheet } from './locateSheet'

const SIZE = { widthPx: 500, heightPx: 450 }
const LEVEL: Homography = [4, 0, 28, 0, 4, 38, 0, 0, 1]
const TILTED: Homography = [4, 0.3, 30, -0.35, 4.1, 60, 0.0006, -0.0004, 1]

const cornersOf = (view: Homography): SheetCorners => {
  const [a, b, c, d] = CORNER_MARKS.map(({ centre }) => pictureOf(centre, view))
  if (!a || !b || !c || !d) throw new Error('four corners')
  return [a, b, c, d]
}

function found(image: GreyImage) {
  const outcome = locateSheet(image)
  if (!outcome.ok) throw new Error(outcome.reason)
  return outcome
}

function expectCorners(image: GreyImage, view: Homography) {
  const { corners, agreement } = found(image)
  for (const [i, { x, y }] of cornersOf(view).entries())
    expect(Math.hypot((corners[i]?.x ?? 0) - x, (corners[i]?.y ?? 0) - y)).toBeLessThan(1.6)
  return agreement
}

describe('locateSheet', () => {
  it.each([
    ['level', LEVEL],
    ['tilted', TILTED],
    ['upside down', [-4, 0, 470, 0, -4, 360, 0, 0, 1] as Homography],
  ])('finds the corners in their order, the one with the dot first: %s', (_, view) => {
    expect(expectCorners(sheetPicture(view, SIZE), view)).toBeGreaterThan(0.97)
  })

  it('is turned by a quarter as the sheet is', () => {
    const upright: Homography = [0, -4, 360, 4, 0, 28, 0, 0, 1]
    expectCorners(sheetPicture(upright, { widthPx: 400, heightPx: 500 }), upright)
  })

  it('finds it though a hand lies over a side mark', () => {
    expectCorners(
      sheetPicture(TILTED, SIZE, (xMm, yMm) => (Math.hypot(xMm - 55, yMm - 82) < 10 ? 0.35 : null)),
      TILTED,
    )
  })

  it('says that there are no marks where a corner is covered', () => {
    const covered = sheetPicture(LEVEL, SIZE, (xMm, yMm) => (yMm > 30 || xMm > 70 ? PAPER : null))
    expect(locateSheet(covered)).toEqual({ ok: false, reason: 'no-marks' })
  })

  it('takes other quartered marks for no sheet', () => {
    const grid = paintedPicture(
      400,
      300,
      (x, y) => (Math.floor(x / 60) % 2 === Math.floor(y / 60) % 2 ? INK : PAPER),
      1,
    )
    expect(locateSheet(grid)).toEqual({ ok: false, reason: 'no-sheet' })
  })

  it('needs the frame to cover a sixteenth of the picture', () => {
    const scaled = (k: number, widthPx: number, heightPx: number) =>
      sheetPicture([k, 0, 40, 0, k, 40, 0, 0, 1], { widthPx, heightPx })
    // 275 × 200 px of frame are 55 000: of 800 × 1100 that is .0625, of 900 × 1100 .0556.
    expect(locateSheet(scaled(2.5, 800, 1100)).ok).toBe(true)
    expect(locateSheet(scaled(2.5, 900, 1100)).ok).toBe(false)
  })
})

describe('showsSheet', () => {
  it('agrees at the corners, and not where they are taken in another order or half a mark off', () => {
    const image = sheetPicture(TILTED, SIZE)
    const [a, b, c, d] = cornersOf(TILTED)
    expect(showsSheet(image, [a, b, c, d])).toBe(true)
    expect(showsSheet(image, [b, c, d, a])).toBe(false)
    // Half a turn only the dot tells.
    expect(showsSheet(image, [c, d, a, b])).toBe(true)
    expectCorners(image, TILTED)
    const off = 12
    expect(
      showsSheet(image, [
        { ...a, x: a.x + off },
        { ...b, x: b.x + off },
        { ...c, x: c.x + off },
        { ...d, x: d.x + off },
      ]),
    ).toBe(false)
    expect(showsSheet(image, [{ x: -40, y: -40 }, b, c, d])).toBe(false)
    expect(showsSheet(image, [a, a, a, a])).toBe(false)
  })

  it('carries the frame of 110 by 80 mm', () => {
    const h = homographyOfCorners(cornersOf(TILTED))
    for (const [xMm, yMm] of [
      [55, 40],
      [0, 40],
      [110, 80],
    ] as const) {
      const [seen, there] = [h && pictureOf({ xMm, yMm }, h), pictureOf({ xMm, yMm }, TILTED)]
      expect(seen?.x).toBeCloseTo(there.x, 6)
      expect(seen?.y).toBeCloseTo(there.y, 6)
    }
  })
})
