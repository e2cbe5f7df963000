import type { Displacement } from './Displacement'
import { offCentreDeg, tickOffsetMm, worstOffsetMm } from './Displacement'
import { dialTurned } from './dialTurned'
import { judgeStraight } from './judgeStraight'

const by = (turnedDeg: number, towards3Mm = 0, towards12Mm = 0): Displacement => ({
  turnedDeg,
  towards3Mm,
  towards12Mm,
})

const SURE = { turnMm: 0.005, shiftMm: 0.005 }
const BY_LOUPE = { turnMm: 0.015, shiftMm: 0.021 }

describe('what a ring’s displacement is to an eye', () => {
  it.each([
    [by(0.1), 'straight', 'straight'],
    [by(2.46, 0.01), 'turned', 'turned 2.46° clockwise'],
    [by(-2.46, 0.01), 'turned', 'turned 2.46° anticlockwise'],
    [by(0, 0.12), 'off-centre', 'off-centre 0.12, to 3'],
    [by(0, 0, -0.12), 'off-centre', 'off-centre 0.12, to 6'],
    [by(1, 0, 0.12), 'turned-and-off-centre', 'turned 1.00° clockwise; off-centre 0.12, to 12'],
  ] as const)('%j is %s', (displacement, kind, words) => {
    expect(judgeStraight(displacement, 14, 0.05, SURE)).toMatchObject({ kind, words })
  })

  it('adds up turn and shift where they meet', () => {
    const displacement = by(0.2, 0.03, -0.02)
    const most = Math.max(
      ...Array.from({ length: 3600 }, (_, i) => Math.abs(tickOffsetMm(displacement, 14, i / 10))),
    )
    expect(worstOffsetMm(displacement, 14)).toBeCloseTo(most, 5)
    expect(offCentreDeg(by(0, -1, 0))).toBe(270)
  })

  it('names nothing that the reading cannot tell from nothing', () => {
    expect(judgeStraight(by(1.2, 0.027), 13.2, 0.05, BY_LOUPE)).toMatchObject({
      words: 'turned 1.20° clockwise',
    })
    expect(judgeStraight(by(0.1, 0.035), 14, 0.05, BY_LOUPE)).toMatchObject({
      isStraight: true,
      words: 'straight as far as this reading tells, ±0.05',
    })
    expect(judgeStraight(by(0.1, 0.06), 14, 0.05, BY_LOUPE)).toMatchObject({ kind: 'off-centre' })
  })

  it('goes by what the owner lets pass', () => {
    expect(judgeStraight(by(0.54), 14, 0.1, SURE).isStraight).toBe(false)
    expect(judgeStraight(by(0.54), 14, 0.15, SURE).isStraight).toBe(true)
  })
})

describe('a dial that is turned itself', () => {
  const turn = (
    pair: 'insert-dial' | 'chapter-dial' | 'bezel-case',
    value: number,
    standardUncertainty = 0.06,
  ) => ({
    pair,
    turnedDeg: { value, standardUncertainty },
  })

  it('shows as everything that is set to it turned the other way by the same', () => {
    const dial = dialTurned([turn('insert-dial', 1.2), turn('chapter-dial', 1.26)])
    expect(dial?.value).toBeCloseTo(-1.23)
    expect(dial?.standardUncertainty).toBeCloseTo(0.06 / Math.SQRT2)
  })

  it.each([
    ['one alone', [turn('insert-dial', 1.2)]],
    ['two that differ', [turn('insert-dial', 1.2), turn('chapter-dial', 0.4)]],
    ['two that are hardly turned', [turn('insert-dial', 0.1), turn('chapter-dial', 0.12)]],
    ['what is not set to it', [turn('insert-dial', 1.2), turn('bezel-case', 1.2)]],
  ])('is not told by %s', (_, turns) => {
    expect(dialTurned(turns)).toBeNull()
  })
})
