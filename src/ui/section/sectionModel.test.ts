import { ringSeatOf } from '../../../tests/factories/crystalSeats'
import { VERDICT_POLICY } from '@/core/verdict/verdictPolicy'
import { assessPair } from '@/core/construction/ring/assessPair'
import { FIT_POLICY } from '@/core/fit/fitPolicy'
import { trayReadout } from '@/core/tray/trayReadout'
import { caseSheet } from '../../../tests/factories/caseSheet'
import { stockCrystal, stockGasket } from '../../../tests/factories/parts'
import { sectionLayout } from './sectionLayout'
import type { SectionSource } from './SectionSource'
import { sectionModel } from './sectionModel'

function source(
  over: Parameters<typeof caseSheet>[0] = {},
  crystalState: 'whole' | 'missing' = 'whole',
): SectionSource {
  const sheet = caseSheet(over)
  return {
    sheet,
    readout: trayReadout([], sheet, [], {
      shapes: [],
      pastCounts: true,
      policy: FIT_POLICY,
      verdict: VERDICT_POLICY,
    }),
    tray: { crystalState, gasketPresent: true },
    asFound: null,
    insertStands: null,
  }
}
const pairOf = (over: Parameters<typeof stockCrystal>[0]) =>
  assessPair(stockCrystal(over), stockGasket(), ringSeatOf(), FIT_POLICY)
const crystalTop = (half: {
  outlines: readonly { material: string; points: readonly (readonly [number, number])[] }[]
}) =>
  Math.max(
    ...half.outlines.filter((o) => o.material === 'crystal').flatMap((o) => o.points.map(([, z]) => z)),
  )

describe('sectionModel', () => {
  it('redraws the planned half for another candidate and leaves the found half alone', () => {
    const flat = sectionModel(source(), pairOf({}), FIT_POLICY)
    const thick = sectionModel(source(), pairOf({ edgeThicknessMm: 1.5, centreThicknessMm: 1.5 }), FIT_POLICY)
    expect(crystalTop(flat.planned)).toBeCloseTo(1, 9)
    expect(crystalTop(thick.planned)).toBeCloseTo(1.5, 9)
    expect(thick.found.outlines).toEqual(flat.found.outlines)
    expect(thick.labels.find((l) => l.title.startsWith('Rim'))).toMatchObject({
      value: '+0.45 ±0.09',
      title: 'Rim proud',
    })
  })

  it('tints the ring by its squeeze', () => {
    expect(sectionModel(source(), pairOf({}), FIT_POLICY).planned.ring).toBe('good')
    expect(sectionModel(source(), pairOf({ diameterMm: 30.2 }), FIT_POLICY).planned.ring).toBe('crushed')
    expect(sectionModel(source(), pairOf({ diameterMm: 29.9 }), FIT_POLICY).planned.ring).toBe('loose')
  })

  it('marks where each figure comes from and names what it had to assume', () => {
    const blank = sectionModel(
      source({ boreMm: null, caseDiameterMm: null, handsBelowSeatMm: null }),
      null,
      FIT_POLICY,
    )
    expect(blank.labels.find((l) => l.dimension === 'bore')).toMatchObject({
      state: 'none',
      value: 'measure',
    })
    expect(blank.assumed).toEqual(['bore 30.00', 'case diameter', 'hand height'])
    expect(sectionModel(source(), null, FIT_POLICY).labels.find((l) => l.dimension === 'bore')).toMatchObject(
      {
        state: 'sheet',
        value: '30.95 ±0.06',
      },
    )
  })

  it('draws the half as found by the old bezel once another one is judged', () => {
    const wider = source({ boreMm: 31.45 })
    const before = source({ boreMm: 30.95 })
    const { found, planned } = sectionModel({ ...wider, asFound: before }, pairOf({}), FIT_POLICY)
    expect(found.outlines).toEqual(sectionModel(before, null, FIT_POLICY).found.outlines)
    expect(planned.outlines).toEqual(sectionModel(wider, pairOf({}), FIT_POLICY).planned.outlines)
    expect(found.outlines).not.toEqual(sectionModel(wider, null, FIT_POLICY).found.outlines)
  })

  it('draws no crystal where none came in', () => {
    const { found, labels } = sectionModel(source({}, 'missing'), null, FIT_POLICY)
    expect(found.outlines.some((o) => o.material === 'crystal')).toBe(false)
    expect(labels.some((l) => l.dimension === 'crystal-edge')).toBe(false)
    expect(found.text).toMatch(/^as found: no crystal/)
  })

  it('says that the size of a crystal that is there is not known, and asks for a shaped one by its sides', () => {
    const unread = { crystalDiameterMm: null, boreMm: null, retention: 'cemented' } as const
    const { found, labels } = sectionModel(source({ ...unread, crystalOutline: 'shaped' }), null, FIT_POLICY)
    expect(found.text).toBe('as found: crystal whole, its size not known')
    const asked = labels.map((l) => l.dimension)
    expect(asked).toContain('crystal-length')
    expect(asked).not.toContain('crystal-diameter')
  })
})

describe('sectionLayout', () => {
  it.each([320, 520, 760])('keeps the labels of a %i px drawing apart and inside it', (width) => {
    const layout = sectionLayout(sectionModel(source(), pairOf({}), FIT_POLICY), width)
    for (const side of ['left', 'right'] as const) {
      const ys = layout.labels
        .filter((l) => l.label.place === side)
        .map((l) => l.y)
        .sort((a, b) => a - b)
      for (let i = 1; i < ys.length; i++) expect((ys[i] ?? 0) - (ys[i - 1] ?? 0)).toBeGreaterThanOrEqual(44)
      expect(Math.max(...ys)).toBeLessThan(layout.height)
    }
  })
})
