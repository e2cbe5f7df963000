import { parseMm } from '@/core/units/parseMm'
import { TYPICAL_INSTRUMENTS } from '@/core/measure/InstrumentSpec'
import { caseSheet } from '../../../tests/factories/caseSheet'
import { seededRandom } from '../seededRandom'
import { simulatedCase } from './simulatedCase'
import { instrumentLine, simulatedInstrument } from './simulatedInstrument'

const at = (placeIndex: number) => ({ dimension: 'bore', placeIndex }) as const

describe('instrumentLine', () => {
  it('writes what the reading bar reads', () => {
    expect(instrumentLine(30.024, 0.01)).toBe('+0030.02 mm')
    expect(instrumentLine(-0.0049, 0.001)).toBe('-0000.005 mm')
    expect(parseMm(instrumentLine(30.024, 0.01))).toMatchObject({ ok: true, valueMm: 30.02 })
  })
})

describe('simulatedInstrument', () => {
  const caliper = (seed: number, zeroOffsetMm = 0) =>
    simulatedInstrument(
      { ...TYPICAL_INSTRUMENTS.caliper, zeroOffsetMm },
      simulatedCase(7, caseSheet()),
      seededRandom(seed),
    )

  it('stays within its permissible error and the hold', () => {
    for (let seed = 0; seed < 50; seed++) {
      const line = caliper(seed).send(at(0)) ?? ''
      const parsed = parseMm(line)
      const trueMm = simulatedCase(7, caseSheet()).trueMm(at(0)) ?? 0
      expect(parsed.ok && Math.abs(parsed.valueMm - trueMm)).toBeLessThan(0.03 + 0.015)
    }
  })

  it('shows its zero offset on every reading', () => {
    const shown = (offset: number) => {
      const parsed = parseMm(caliper(3, offset).send(at(1)) ?? '')
      return parsed.ok ? parsed.valueMm : NaN
    }
    expect(shown(0.05) - shown(0)).toBeCloseTo(0.05, 6)
  })

  it('has nothing to measure where the sheet knows nothing', () => {
    const blank = simulatedCase(1, caseSheet({ boreMm: null }))
    expect(blank.trueMm(at(0))).toBeNull()
    expect(blank.trueMm({ dimension: 'opening', placeIndex: 0 })).toBeNull()
  })
})

describe('simulatedCase', () => {
  it('is the same piece for the same seed and another for another', () => {
    const sheet = caseSheet()
    const bore = (seed: number) => simulatedCase(seed, sheet).trueMm(at(0))
    expect(bore(5)).toBe(bore(5))
    expect(bore(5)).not.toBe(bore(6))
  })

  it('leaves an opening of its own bore less two of its own walls', () => {
    const piece = simulatedCase(11, caseSheet())
    const wall = piece.trueMm({ dimension: 'gasket-wall', placeIndex: 0 }) ?? 0
    // Place 0 of both runs from 12 to 6.
    expect(piece.trueMm({ dimension: 'opening', placeIndex: 0 })).toBeCloseTo(
      (piece.trueMm(at(0)) ?? 0) - 2 * wall,
      9,
    )
  })
})
