import { ALL_MARKS, FRAME_HEIGHT_MM, FRAME_WIDTH_MM } from './gaugeSheet'
import type { Homography } from './homography'
import { pictureOf } from './homography'
import { sheetView } from './sheetView'

// Strongly from one side: a millimetre is 14 px at one end of the sheet and 20 px at the other.
const view: Homography = [20, 0.5, 200, -0.4, 18, 150, 0.003, -0.001, 1]
const AS_DRAWN = { x: 1, y: 1, uncertainty: 0 }
const seen = (marks = ALL_MARKS) =>
  marks.map((drawn) => ({ mark: ALL_MARKS.indexOf(drawn), picture: pictureOf(drawn.centre, view) }))

describe('sheetView', () => {
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
