import { circleFromChord } from '@/core/circle/chordAndSagitta'
import { robustCircle } from '@/core/circle/robustCircle'
import { TYPICAL_INSTRUMENTS } from '@/core/measure/InstrumentSpec'
import { caseSheet } from '../../../tests/factories/caseSheet'
import { seededRandom } from '../seededRandom'
import { chordAndSagittaOf, rimPoints } from './brokenCrystal'
import { simulatedBench } from './simulatedBench'

const bench = (seed: number) => simulatedBench({ seed, sheet: caseSheet() })
const diameter = { dimension: 'crystal-diameter', placeIndex: 0 } as const

describe('simulatedBench', () => {
  it('is the same bench for the same seed: piece, readings and break', () => {
    const lines = (seed: number) => {
      const caliper = bench(seed).instrument(1, TYPICAL_INSTRUMENTS.caliper)
      return [0, 1, 2].map((placeIndex) => caliper.send({ dimension: 'bore', placeIndex }))
    }
    expect(lines(4)).toEqual(lines(4))
    expect(lines(4)).not.toEqual(lines(5))
    expect(bench(4).breakCrystal(4)).toEqual(bench(4).breakCrystal(4))
    expect(bench(4).breakCrystal(4)).not.toEqual(bench(5).breakCrystal(4))
  })

  it('keeps an instrument’s constant error with its id', () => {
    const mean = (id: number) => {
      const caliper = bench(1).instrument(id, TYPICAL_INSTRUMENTS.caliper)
      const shown = Array.from({ length: 60 }, () => Number.parseFloat(caliper.send(diameter) ?? 'NaN'))
      return shown.reduce((sum, mm) => sum + mm, 0) / shown.length
    }
    expect(mean(1)).not.toBeCloseTo(mean(2), 3)
  })

  it('breaks a crystal into pieces that make the whole rim', () => {
    for (let seed = 0; seed < 40; seed++) {
      const shards = bench(seed).breakCrystal(2 + (seed % 7))
      const spans = shards.map((shard) => shard.toDeg - shard.fromDeg)
      expect(spans.reduce((sum, span) => sum + span, 0)).toBeCloseTo(360, 9)
      expect(Math.min(...spans)).toBeGreaterThan(25)
    }
    expect(() => bench(1).breakCrystal(1)).toThrow(/pieces/)
  })

  it('gives pieces whose chord and whose points lead back to the hidden size', () => {
    const { piece, breakCrystal } = bench(12)
    const trueMm = piece.trueMm(diameter) ?? NaN
    for (const shard of breakCrystal(4)) {
      const { chordMm, sagittaMm } = chordAndSagittaOf(shard, trueMm / 2)
      const u = { standardUncertaintyMm: 0.001 }
      expect(circleFromChord({ valueMm: chordMm, ...u }, { valueMm: sagittaMm, ...u }).valueMm).toBeCloseTo(
        trueMm,
        9,
      )
      const random = seededRandom(3)
      const points = rimPoints(shard, trueMm / 2, { count: 80, scatterMm: 0.01 }, random)
      const found = robustCircle(points, {
        toleranceMm: 0.12,
        pointUncertaintyMm: 0.01,
        random: () => random.uniform(0, 1),
      })
      if (!found.ok) throw new Error(found.reason)
      expect(Math.abs(2 * found.fit.radiusMm - trueMm)).toBeLessThan(4 * found.fit.diameterUncertaintyMm)
    }
  })

  it('photographs nothing where the sheet knows no crystal', () => {
    const blank = simulatedBench({ seed: 1, sheet: caseSheet({ crystalDiameterMm: null }) })
    expect(blank.photograph(blank.breakCrystal(3))).toBeNull()
  })
})
