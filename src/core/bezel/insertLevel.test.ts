import { placesOf } from '../level/rimPlaces'
import { BUILT_IN_POLICY } from '../policy/ShopPolicy'
import { insertLevel } from './insertLevel'

const SET_AT = '2026-11-24T10:00:00.000Z'
const set = [{ part: 'insert', at: SET_AT }] as const

/** Heights at 8 places in the order they are asked for: 12, 6, 3, 9, 1:30, 7:30, 4:30, 10:30. */
function read(heightsMm: readonly number[], takenAt = '2026-11-24T11:00:00Z', zeroOffsetMm = 0) {
  return heightsMm.map((mm, i) => ({
    dimension: 'insert-height',
    placeIndex: placesOf(8)[i] ?? 0,
    shownMm: mm + zeroOffsetMm,
    zeroOffsetMm,
    takenAt: new Date(takenAt),
  }))
}
const standingOf = (heightsMm: readonly number[]) =>
  insertLevel(read(heightsMm), set, BUILT_IN_POLICY)?.standing

describe('insertLevel', () => {
  it('names the place a lump lies under, and what is done about it', () => {
    expect(standingOf([0.0, 0.01, 0.0, 0.01, 0.0, 0.01, 0.12, 0.0])).toMatchObject({
      isLevel: false,
      words: expect.stringMatching(/^0\.1\d up between 4 and 5 alone$/) as string,
      because: 'A lump lies under it there: lift it, scrape the seat bare, set it again.',
    })
  })

  it('tells a film that is thicker on a side, by which it stands high there', () => {
    // 0.10 from 12 down to 6.
    const tilted = [0.0, -0.1, -0.05, -0.05, -0.015, -0.085, -0.085, -0.015]
    expect(standingOf(tilted)).toMatchObject({
      isLevel: false,
      word: 'flush',
      words: '0.10 high at 12',
      because: expect.stringMatching(
        /^The limit is 0\.05: press the high side down while its cement/,
      ) as string,
    })
    expect(standingOf(tilted.map((mm) => mm / 4))).toMatchObject({ isLevel: true, because: '' })
  })

  it('is not level while it stands proud all round, however even', () => {
    expect(standingOf(Array<number>(8).fill(0.12))).toMatchObject({
      isLevel: false,
      word: 'proud',
      words: '0.12 proud, level within 0.00',
    })
    expect(standingOf(Array<number>(8).fill(-0.3))).toMatchObject({ isLevel: true, word: 'sunk' })
  })

  it('goes by what was read since it was set last, zeroes taken off, and by nothing of one that came in so', () => {
    const before = read([0, 0, 0, 0.2], '2026-11-24T09:00:00Z')
    expect(insertLevel(before, set, BUILT_IN_POLICY)).toEqual({ heights: [], standing: null })
    expect(insertLevel(before, [], BUILT_IN_POLICY)).toBeNull()
    const zeroed = insertLevel(read([0.01, 0.01, 0.01, 0.01], undefined, 1.5), set, BUILT_IN_POLICY)
    expect(zeroed?.standing?.reading.meanMm).toBeCloseTo(0.01, 3)
    expect(insertLevel(read([0.01, 0.01]), set, BUILT_IN_POLICY)?.standing).toBeNull()
  })
})
