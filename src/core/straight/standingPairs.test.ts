import type { StraightLook } from './StraightLook'
import { enlargedBy } from './enlargedBy'
import { STRAIGHT } from './Displacement'
import { pairsOfCase, usualHours, usualRadiusMm } from './pairsOfCase'
import { dialTurnedBy, standingPairs, standingWords, standsStraight } from './standingPairs'

const FACTS = {
  bezelKind: 'rotating-click',
  bezelClicks: 120,
  insertMaterial: 'aluminium',
  insertHold: 'adhesive',
  chapterRing: 'keyed',
  magnifier: 'none',
  retention: 'tension-gasket',
  crystalMaterial: 'mineral',
} as const

let id = 0
function look(pair: StraightLook['pair'], offsetMm: number, over: Partial<StraightLook> = {}): StraightLook {
  return {
    id: ++id,
    pair,
    method: 'loupe',
    radiusMm: 15,
    limitMm: null,
    offsets: [12, 3, 6, 9].map((hour) => ({ hour, offsetMm })),
    moves: null,
    after: null,
    afterWords: '',
    byPicture: null,
    photoId: null,
    secondPhotoId: null,
    at: new Date('2026-11-24T10:00:00Z'),
    ...over,
  }
}

describe('pairs that were looked at', () => {
  it('stand by their last look, with all that led there', () => {
    const pairs = standingPairs(
      [look('insert-dial', 0.64), look('insert-dial', 0.02)],
      FACTS,
      {
        seenMm: 0.05,
      },
      [],
    )
    expect(pairs).toHaveLength(1)
    expect(pairs[0]?.looks.map(({ judgement }) => judgement.isStraight)).toEqual([false, true])
    expect(pairs.map(standingWords)).toEqual(['insert against dial straight'])
  })

  it('stand as they were read until one of their parts moves; from then on nobody knows', () => {
    const stands = (pair: StraightLook['pair'], part: 'insert' | 'bezel' | 'crystal', at: string) => {
      const [one] = standingPairs([look(pair, 0.02)], FACTS, { seenMm: 0.05 }, [{ part, at }])
      return one && { isStraight: standsStraight(one), words: standingWords(one) }
    }
    expect(stands('insert-dial', 'insert', '2026-11-24T09:59:00.000Z')?.isStraight).toBe(true)
    expect(stands('insert-dial', 'insert', '2026-11-24T10:01:00.000Z')).toEqual({
      isStraight: false,
      words: 'insert against dial straight when it was read, insert moved since',
    })
    // An insert goes with its bezel, and a crystal is none of it.
    expect(stands('insert-bezel', 'bezel', '2026-11-24T10:01:00.000Z')?.isStraight).toBe(true)
    expect(stands('insert-dial', 'crystal', '2026-11-24T10:01:00.000Z')?.isStraight).toBe(true)
    expect(stands('magnifier-date', 'crystal', '2026-11-24T10:01:00.000Z')?.isStraight).toBe(false)
  })

  it('go by what the owner lets pass where that was said', () => {
    const by = (limitMm: number | null) =>
      standingPairs([look('insert-dial', 0.08, { limitMm })], FACTS, { seenMm: 0.05 }, [])[0]?.last.judgement
    expect(by(null)?.isStraight).toBe(false)
    expect(by(0.1)?.isStraight).toBe(true)
  })

  it('read with less sure a hand are less sure', () => {
    const [loupe, eye] = (['loupe', 'eye'] as const).map(
      (method) =>
        standingPairs([look('insert-dial', 0.3, { method })], FACTS, { seenMm: 0.05 }, [])[0]?.last.fit
          .turnedDeg?.standardUncertainty ?? 0,
    )
    expect(eye).toBeGreaterThan(3 * (loupe ?? 0))
  })

  it('are not sure while their places do not agree, and not straight', () => {
    const offsets = [0.02, 0.02, 0.4, 0.02].map((offsetMm, i) => ({ hour: [12, 3, 6, 9][i] ?? 12, offsetMm }))
    const read = standingPairs([look('insert-dial', 0, { offsets, limitMm: 2 })], FACTS, { seenMm: 0.05 }, [])
    expect(read[0]?.last.judgement).toMatchObject({
      isStraight: false,
      words: 'not sure: the places read do not agree',
    })
  })

  it('that have one mark alone stand beside it', () => {
    const one = { offsets: [{ hour: 3, offsetMm: -0.4 }], radiusMm: 8.6 }
    const [lens] = standingPairs([look('magnifier-date', 0, one)], FACTS, { seenMm: 0.05 }, [])
    expect(lens?.last.judgement.words).toBe('0.40 anticlockwise of its mark')
    const [straight] = standingPairs(
      [look('magnifier-date', 0, { ...one, offsets: [{ hour: 3, offsetMm: 0.01 }] })],
      FACTS,
      { seenMm: 0.05 },
      [],
    )
    expect(straight?.last.judgement.words).toBe('straight')
  })

  it('off by the same tell of the dial; one place alone tells nothing of it', () => {
    const both = (chapter: Partial<StraightLook>) =>
      dialTurnedBy(
        standingPairs(
          [look('insert-dial', 0.3), look('chapter-dial', 0.3, chapter)],
          FACTS,
          {
            seenMm: 0.05,
          },
          [],
        ),
      )
    expect(both({})?.value).toBeCloseTo(-1.146, 2)
    expect(both({ offsets: [{ hour: 12, offsetMm: 0.3 }] })).toBeNull()
  })
})

describe('what a case can be read for', () => {
  const none = {
    bezelKind: 'none',
    insertMaterial: 'none',
    chapterRing: 'none',
    magnifier: 'none',
    movementKind: 'digital',
  } as const

  it('is what it has', () => {
    expect(pairsOfCase(none)).toEqual([])
    expect(pairsOfCase({ ...none, movementKind: 'mechanical', magnifier: 'outside' })).toEqual([
      'magnifier-date',
      'hands-dial',
    ])
    expect(pairsOfCase({ ...none, bezelKind: 'rotating-click', insertMaterial: 'steel' })).toEqual([
      'insert-dial',
      'insert-bezel',
      'bezel-case',
    ])
  })

  it('is read where its ticks meet, at the hours it has', () => {
    const sheet = {
      dialOpeningMm: 28,
      insertInnerMm: null,
      bezelOuterMm: 40,
      insertOuterMm: 38,
      minuteHandMm: 12,
      dateRadiusMm: 8.6,
    }
    expect(usualRadiusMm('insert-dial', sheet)).toBe(14)
    expect(usualRadiusMm('insert-dial', { ...sheet, insertInnerMm: 31 })).toBe(15.5)
    expect(usualRadiusMm('insert-bezel', sheet)).toBe(19)
    expect(usualRadiusMm('bezel-case', sheet)).toBe(20)
    expect(usualRadiusMm('chapter-dial', { ...sheet, dialOpeningMm: null })).toBeNull()
    expect(usualRadiusMm('magnifier-date', sheet)).toBe(8.6)
    expect(usualRadiusMm('hands-dial', sheet)).toBe(12)
    expect(usualRadiusMm('hands-dial', { ...sheet, minuteHandMm: null })).toBe(14)
    expect(usualHours('magnifier-date', '4:30')).toEqual([4])
    expect(usualHours('magnifier-date', null)).toEqual([3])
    expect(usualHours('insert-dial', null)).toEqual([12, 3, 6, 9])
  })
})

it('is drawn as much larger as can still be read', () => {
  expect(enlargedBy([], 14)).toBe(10)
  expect(enlargedBy([{ ...STRAIGHT, turnedDeg: 0.9 }], 14)).toBe(10)
  expect(enlargedBy([{ ...STRAIGHT, turnedDeg: 2.46 }], 14)).toBe(5)
  expect(enlargedBy([{ ...STRAIGHT, turnedDeg: -90 }], 14)).toBe(1)
  expect(enlargedBy([{ ...STRAIGHT, towards3Mm: 0.3 }, STRAIGHT], 14)).toBe(5)
})
