import fc from 'fast-check'
import { caseSheet } from '../../../tests/factories/caseSheet'
import { keptReading, keptTray } from '../../../tests/factories/keptTray'
import { measuredFigures } from '../tray/measuredFigures'
import { figureOf } from '../tray/caseFigures'
import { BUILT_IN_POLICY } from '../policy/ShopPolicy'
import { DIMENSIONS } from '../readings/dimensions'
import { trayCase } from '../tray/trayCase'
import { figuresToLearn } from './figuresToLearn'
import { learnedFigure, learnedFigures } from './learnedFigures'
import type { PieceFigure } from './PieceFigure'

const TABLE_MM = DIMENSIONS.bore.sheetUncertaintyMm ?? NaN

function piece(valueMm: number, trayNumber = 214, over: Partial<PieceFigure> = {}): PieceFigure {
  const read = { standardUncertaintyMm: 0.01, readings: 3, instruments: 'caliper' }
  return { trayNumber, dimension: 'bore', valueMm, ...read, ...over }
}

describe('what a case sheet has learned of a dimension', () => {
  it('is one piece’s figure, off by what pieces differ and by what is known of their mean', () => {
    const learned = learnedFigure('bore', null, [piece(30.96)])
    expect(learned).toMatchObject({ valueMm: 30.96, pieces: 1, from: 'from tray 214, 3 readings' })
    expect(learned.spreadMm).toBeCloseTo(TABLE_MM, 12)
    expect(learned.standardUncertaintyMm).toBeCloseTo(Math.hypot(TABLE_MM, TABLE_MM, 0.01), 12)
  })

  it('never gets better than pieces differ, however well each is read', () => {
    const many = Array.from({ length: 40 }, (_, i) => piece(30.95 + 0.03 * Math.sin(7 * i), 100 + i))
    const learned = learnedFigure('bore', null, many)
    const values = many.map(({ valueMm }) => valueMm)
    const mean = values.reduce((a, b) => a + b) / values.length
    const deviation = Math.sqrt(values.reduce((sum, x) => sum + (x - mean) ** 2, 0) / (values.length - 1))
    expect(learned.valueMm).toBeCloseTo(mean, 6)
    expect(learned.standardUncertaintyMm).toBeGreaterThan(0.9 * deviation)
    expect(learned.standardUncertaintyMm).toBeLessThan(1.3 * deviation)
    expect(learned.from).toBe('from 40 pieces, last tray 139')
  })

  it('takes off what the readings themselves scatter, and keeps the table’s spread while pieces are few', () => {
    const alike = [30.95, 30.95, 30.95].map((mm, i) => piece(mm, i))
    expect(learnedFigure('bore', null, alike).spreadMm).toBeCloseTo(TABLE_MM * Math.sqrt(4 / 6), 12)
    const coarse = [30.93, 30.97].map((mm, i) => piece(mm, i, { standardUncertaintyMm: 0.05 }))
    expect(learnedFigure('bore', null, coarse).spreadMm).toBeCloseTo(TABLE_MM * Math.sqrt(4 / 5), 12)
    const apart = [30.8, 31.1].map((mm, i) => piece(mm, i))
    expect(learnedFigure('bore', null, apart).spreadMm).toBeCloseTo(
      Math.sqrt((4 * TABLE_MM ** 2 + 2 * 0.15 ** 2 - 0.01 ** 2) / 5),
      12,
    )
  })

  it('counts the figure on the sheet as one piece more', () => {
    const u2 = TABLE_MM ** 2
    const [ofPiece, ofSheet] = [1 / (u2 + 0.01 ** 2), 1 / (u2 + u2)]
    expect(learnedFigure('bore', 31.0, [piece(30.9)]).valueMm).toBeCloseTo(
      (30.9 * ofPiece + 31 * ofSheet) / (ofPiece + ofSheet),
      12,
    )
  })

  it('lies between what is known, and moves with it', () => {
    const mm = fc.double({ min: 20, max: 40, noNaN: true })
    fc.assert(
      fc.property(fc.array(mm, { minLength: 1, maxLength: 8 }), fc.option(mm), (values, sheetMm) => {
        const known = sheetMm === null ? values : [...values, sheetMm]
        const { valueMm } = learnedFigure(
          'bore',
          sheetMm,
          values.map((v, i) => piece(v, i)),
        )
        expect(valueMm).toBeGreaterThanOrEqual(Math.min(...known) - 1e-9)
        expect(valueMm).toBeLessThanOrEqual(Math.max(...known) + 1e-9)
        const moved = learnedFigure(
          'bore',
          sheetMm === null ? null : sheetMm + 1,
          values.map((v, i) => piece(v + 1, i)),
        )
        expect(moved.valueMm).toBeCloseTo(valueMm + 1, 6)
      }),
    )
  })

  it('is asked for with a piece', () => {
    expect(() => learnedFigure('bore', 30.9, [])).toThrow('pieces: expected at least one')
    expect(learnedFigures(caseSheet(), [])).toEqual({})
  })

  it('says where it comes from in words', () => {
    const from = (readings: number) => learnedFigure('bore', null, [piece(30.9, 7, { readings })]).from
    expect([0, 1, 2].map(from)).toEqual(['from tray 7', 'from tray 7, 1 reading', 'from tray 7, 2 readings'])
    const derived = piece(30.9, 7, { readings: 0, instruments: 'worked out' })
    expect(learnedFigure('bore', null, [derived]).from).toBe('worked out on tray 7')
  })
})

describe('a second piece of a case', () => {
  const blank = caseSheet({ boreMm: null, seatDepthMm: null })

  it('starts from what the first one showed, and its own readings go before it', () => {
    const fresh = trayCase(keptTray({ sheet: blank }), {
      policy: BUILT_IN_POLICY,
      schools: {},
      invented: false,
    })
    expect(figureOf('bore', fresh.now.readout.measured, fresh.now.sheet)).toBeNull()
    const second = trayCase(keptTray({ sheet: blank, pieces: [piece(30.96)] }), {
      policy: BUILT_IN_POLICY,
      schools: {},
      invented: false,
    })
    const { sheet, readout } = second.now
    expect(figureOf('bore', readout.measured, sheet)).toMatchObject({ valueMm: 30.96, origin: 'sheet' })
    const own = measuredFigures([keptReading(1, 'bore', 31.02)])
    expect(figureOf('bore', own, sheet)).toMatchObject({ valueMm: 31.02, origin: 'measured' })
    // The sheet itself is as it was written.
    expect(second.kept.sheet.boreMm).toBeNull()
  })
})

describe('what a case sheet takes from a piece', () => {
  const measured = measuredFigures([
    keptReading(1, 'bore', 30.95),
    keptReading(2, 'bore', 30.97, { placeIndex: 1 }),
    keptReading(3, 'gasket-wall', 0.5, { instrumentId: 2 }),
    keptReading(4, 'opening', 29.95),
    keptReading(5, 'bezel-inner', 33.02),
  ])
  const instruments = [
    { id: 1, kind: 'caliper' },
    { id: 2, kind: 'thickness-gauge' },
  ]

  it('is every dimension a sheet holds, with what read it', () => {
    const learned = figuresToLearn({
      trayNumber: 214,
      measured,
      seat: {},
      instruments,
    })
    expect(learned.map(({ dimension }) => dimension).toSorted()).toEqual([
      'bezel-inner',
      'bore',
      'gasket-wall',
    ])
    expect(learned.find(({ dimension }) => dimension === 'bore')).toMatchObject({
      trayNumber: 214,
      valueMm: 30.96,
      readings: 2,
      instruments: 'caliper',
    })
    expect(learned.find(({ dimension }) => dimension === 'gasket-wall')?.instruments).toBe('thickness gauge')
  })

  it('is what was worked out of its seat too, and not what was assumed or stands on the sheet', () => {
    const { bore: _, ...others } = measured
    const figure = (origin: 'derived' | 'assumed' | 'sheet') => ({
      valueMm: 30.95,
      standardUncertaintyMm: 0.05,
      origin,
    })
    const piece = { trayNumber: 214, measured: others, instruments }
    const boreFrom = (origin: 'derived' | 'assumed' | 'sheet') =>
      figuresToLearn({ ...piece, seat: { bore: figure(origin) } }).find(
        ({ dimension }) => dimension === 'bore',
      )
    expect(boreFrom('derived')).toMatchObject({ valueMm: 30.95, readings: 0, instruments: 'worked out' })
    expect([boreFrom('assumed'), boreFrom('sheet')]).toEqual([undefined, undefined])
    // Worked out from the old crystal, or from the sheet's wall, it says nothing of this piece.
    for (const unread of ['opening', 'gasket-wall'] as const) {
      const { [unread]: _, ...without } = others
      const learned = figuresToLearn({ ...piece, measured: without, seat: { bore: figure('derived') } })
      expect(learned.map(({ dimension }) => dimension)).not.toContain('bore')
    }
    const read = figuresToLearn({ ...piece, measured, seat: { bore: figure('derived') } })
    expect(read.filter(({ dimension }) => dimension === 'bore')).toMatchObject([{ readings: 2 }])
  })
})
