import { sheetPicture } from '../../../tests/factories/sheetPicture'
import { ALL_MARKS, CORNER_MARKS, FRAME_HEIGHT_MM, FRAME_WIDTH_MM } from './gaugeSheet'
import type { Homography } from './homography'
import { pictureOf, sheetOf } from './homography'
import type { SheetCorners } from './locateSheet'
import { marksNear, sheetView } from './sheetView'

// Strongly from one side: a millimetre is 14 px at one end of the sheet and 20 px at the other.
const view: Homography = [20, 0.5, 200, -0.4, 18, 150, 0.003, -0.001, 1]
const AS_DRAWN = { x: 1, y: 1, uncertainty: 0 }
const seen = (marks = ALL_MARKS) =>
  marks.map((drawn) => ({ mark: ALL_MARKS.indexOf(drawn), picture: pictureOf(drawn.centre, view) }))

describe('marksNear', () => {
  const LEVEL: Homography = [6, 0.1, 50, -0.1, 6, 60, 0.0001, 0, 1]
  const picture = (over?: (xMm: number, yMm: number) => number | null, n = 2) =>
    sheetPicture(LEVEL, { widthPx: 780, heightPx: 620 }, over, n)
  const plain = picture(undefined, 4)
  const corners = (off = 0): SheetCorners => {
    const [a, b, c, d] = CORNER_MARKS.map(({ centre }) => pictureOf(centre, LEVEL))
    if (!a || !b || !c || !d) throw new Error('four corners')
    return [{ x: a.x + off, y: a.y - off }, { ...b, x: b.x - off }, { ...c, y: c.y + off }, d]
  }

  it('finds all eight to a quarter of a pixel from corners set by hand', () => {
    const found = marksNear(plain, corners(4)) ?? []
    expect(found.map(({ mark }) => mark)).toEqual([0, 1, 2, 3, 4, 5, 6, 7])
    for (const { mark, picture: at } of found) {
      const there = pictureOf(ALL_MARKS[mark]?.centre ?? { xMm: 0, yMm: 0 }, LEVEL)
      expect(Math.hypot(at.x - there.x, at.y - there.y)).toBeLessThan(0.25)
    }
  })

  it('leaves out a side mark that is covered, and refuses corners that are none', () => {
    const covered = picture((x, y) => (Math.hypot(x - 55, y) < 6 ? 0.4 : null))
    expect(marksNear(covered, corners())?.map(({ mark }) => mark)).toEqual([0, 1, 2, 3, 5, 6, 7])
    const [a, b, c, d] = corners()
    expect(marksNear(plain, [{ x: a.x + 60, y: a.y + 60 }, b, c, d])).toBeNull()
    expect(marksNear(plain, [b, c, d, a])).toBeNull()
    expect(marksNear(plain, [a, a, c, d])).toBeNull()
  })

  it('takes what crosses more than 1.2 mm beside a side mark for something else', () => {
    const beside = (offMm: number) =>
      picture((x, y) => {
        const [dx, dy] = [x - 55 - offMm, y - 80]
        return Math.hypot(x - 55, y - 80) < 4.5 ? (dx * dy < 0 ? 0.05 : 0.85) : null
      })
    expect(marksNear(beside(1), corners())?.map(({ mark }) => mark)).toContain(6)
    expect(marksNear(beside(1.4), corners())?.map(({ mark }) => mark)).not.toContain(6)
  })
})

describe('sheetView', () => {
  it('knows of its marks what they say among themselves: eight coordinates are free of sixteen', () => {
    // Corner marks alone fix the view; the side marks then are all off alike, by 1/√2 of the squares' sum over 8.
    const marks = seen().map((found, i) => ({
      ...found,
      picture: { x: found.picture.x + (i % 2 === 0 ? 2 : -2), y: found.picture.y },
    }))
    const outcome = sheetView(marks, AS_DRAWN)
    if (!outcome.ok) throw new Error(outcome.reason)
    const back = outcome.view.toSheet
    const squares = marks.reduce((sum, { mark, picture }) => {
      const [at, drawn] = [sheetOf(picture, back), ALL_MARKS[mark]?.centre ?? { xMm: 0, yMm: 0 }]
      return sum + (at.xMm - drawn.xMm) ** 2 + (at.yMm - drawn.yMm) ** 2
    }, 0)
    expect(outcome.view.markUncertaintyMm).toBeCloseTo(Math.sqrt(squares / 8), 9)
    expect(outcome.view.markUncertaintyMm).toBeGreaterThan(0.012)
  })

  it('cannot tell scatter from four marks alone', () => {
    const outcome = sheetView(seen().slice(0, 4), AS_DRAWN)
    expect(outcome.ok && outcome.view.markUncertaintyMm).toBe(0.012)
  })

  it('says how large a millimetre is in the middle of the sheet', () => {
    const outcome = sheetView(seen(), AS_DRAWN)
    if (!outcome.ok) throw new Error(outcome.reason)
    const [x, y] = [FRAME_WIDTH_MM / 2, FRAME_HEIGHT_MM / 2]
    const at = (xMm: number, yMm: number) => pictureOf({ xMm, yMm }, view)
    // Area of a tenth of a millimetre's square about the middle, by its diagonals.
    const [left, right, up, down] = [at(x - 0.05, y), at(x + 0.05, y), at(x, y - 0.05), at(x, y + 0.05)]
    const across = { x: right.x - left.x, y: right.y - left.y }
    const along = { x: down.x - up.x, y: down.y - up.y }
    const pxPerMm = Math.sqrt(Math.abs(across.x * along.y - across.y * along.x)) / 0.1
    expect(outcome.view.pixelsPerMm / pxPerMm).toBeCloseTo(1, 2)
  })

  it('leads from the sheet to the picture and back, and knows of no scatter where there is none', () => {
    const outcome = sheetView(seen(), AS_DRAWN)
    if (!outcome.ok) throw new Error(outcome.reason)
    const there = pictureOf({ xMm: 31, yMm: 12 }, view)
    const found = pictureOf({ xMm: 31, yMm: 12 }, outcome.view.toPicture)
    expect(Math.hypot(found.x - there.x, found.y - there.y)).toBeLessThan(1e-6)
    expect(outcome.view.markUncertaintyMm).toBe(0.012)
  })

  it('is none of three marks, nor of a curled sheet', () => {
    expect(sheetView(seen().slice(0, 3), AS_DRAWN)).toEqual({ ok: false, reason: 'corners-unusable' })
    const curled = seen().map(({ mark, picture }) => ({
      mark,
      picture: mark % 2 === 0 ? picture : { ...picture, y: picture.y + 30 },
    }))
    expect(sheetView(curled, AS_DRAWN)).toEqual({ ok: false, reason: 'sheet-not-flat' })
  })
})
