import { FIT_POLICY } from '../fit/fitPolicy'
import { caseSheet } from '../../../tests/factories/caseSheet'
import { TYPICAL_INSTRUMENTS } from '../measure/InstrumentSpec'
import { measuredFigures } from './measuredFigures'
import { possibleMeasurements } from './possibleMeasurements'

const instruments = (['caliper', 'micrometer', 'inside-micrometer'] as const).map((kind) => ({
  kind,
  name: kind,
  ...TYPICAL_INSTRUMENTS[kind],
}))
const ids = (over: Partial<Parameters<typeof possibleMeasurements>[0]> = {}) =>
  possibleMeasurements({
    crystalState: 'whole',
    gasketPresent: true,
    measured: {},
    sheet: caseSheet(),
    instruments,
    policy: FIT_POLICY,
    ...over,
  }).map((m) => m.id)

describe('possibleMeasurements', () => {
  it('goes by what is left of the crystal', () => {
    expect(ids()).toEqual([
      'crystal-diameter caliper',
      'crystal-diameter micrometer',
      'bore caliper',
      'bore inside-micrometer',
    ])
    expect(ids({ crystalState: 'shattered' })).toEqual(
      expect.arrayContaining(['opening caliper', 'opening inside-micrometer', 'fragment']),
    )
    expect(ids({ crystalState: 'missing' })).not.toContain('fragment')
    expect(ids({ crystalState: 'missing', gasketPresent: false })).not.toContain('opening caliper')
  })

  it('knows which bore a construction has', () => {
    const inBezel = caseSheet({ retention: 'press-in-bezel', bezelBoreMm: 31.35 })
    expect(ids({ sheet: inBezel })).toContain('bezel-bore caliper')
    expect(ids({ sheet: inBezel })).not.toContain('bore caliper')
    const snapped = ids({ sheet: caseSheet({ retention: 'snap-acrylic' }) })
    expect(snapped.filter((id) => id.includes('bore'))).toEqual([])
  })

  it('does not ask for the same instrument again: it keeps its own error', () => {
    const bore = {
      id: 1,
      dimension: 'bore',
      placeIndex: 0,
      shownMm: 30.95,
      instrumentId: 1,
      ...TYPICAL_INSTRUMENTS.caliper,
    } as const
    expect(ids({ measured: measuredFigures([bore]) })).not.toContain('bore caliper')
  })

  it('needs a wall to make anything of a bore', () => {
    expect(ids({ sheet: caseSheet({ gasketWallMm: null }) }).some((id) => id.startsWith('bore'))).toBe(false)
  })

  it('is worth more with a finer instrument', () => {
    const list = possibleMeasurements({
      crystalState: 'whole',
      gasketPresent: true,
      measured: {},
      sheet: caseSheet(),
      instruments,
      policy: FIT_POLICY,
    })
    const u = (id: string) => list.find((m) => m.id === id)?.uncertaintyMm ?? NaN
    expect(u('crystal-diameter micrometer')).toBeLessThan(u('crystal-diameter caliper') / 3)
    // Two walls carry the same error: a fine bore cannot do better than they do.
    expect(u('bore inside-micrometer')).toBeGreaterThan(0.03)
  })
})
