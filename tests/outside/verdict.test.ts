import type { SizeEvidence } from '@/core/verdict/SizeEvidence'
import { sizeVerdict } from '@/core/verdict/sizeVerdict'
import { VERDICT_POLICY } from '@/core/verdict/verdictPolicy'

/**
 * Which size the case was drawn for: posterior on a 0.1 grid, computed by hand from normal densities (Bayes' rule):
 * crystal 30.020 (u 0.01848) widened by 0.02; bore 31.00 (u 0.02) less two walls 0.50 (u 0.01) plus 0.06 (u 0.023).
 */
const POLICY = {
  ...VERDICT_POLICY,
  makerUncertaintyMm: 0.02,
  wrongCrystalChance: 0,
  aimedInterference: { valueMm: 0.06, standardUncertaintyMm: 0.023 },
  pieceScatterMm: 0,
}
const CRYSTAL: SizeEvidence = {
  kind: 'crystal',
  diameter: { valueMm: 30.02, standardUncertaintyMm: 0.01848 },
}
const CASE: SizeEvidence = {
  kind: 'bore-and-gasket',
  bore: { valueMm: 31, standardUncertaintyMm: 0.02 },
  wall: { valueMm: 0.5, standardUncertaintyMm: 0.01 },
}

function probabilityOf(sizeMm: number, evidence: readonly SizeEvidence[]): number {
  const outcome = sizeVerdict(evidence, [], POLICY)
  if (!outcome.ok) throw new Error(outcome.reason)
  return outcome.verdict.drawn.find((c) => c.sizeMm === sizeMm)?.probability ?? 0
}

describe('size verdict, posterior worked by hand', () => {
  it.each([
    ['the caliper alone', [CRYSTAL], 0.983, 0.017],
    ['the case alone', [CASE], 0.32, 0.679],
    ['both', [CRYSTAL, CASE], 0.964, 0.036],
  ])('%s', (_, evidence, at300, at301) => {
    expect(probabilityOf(30.0, evidence)).toBeCloseTo(at300, 3)
    expect(probabilityOf(30.1, evidence)).toBeCloseTo(at301, 3)
  })

  it('puts the case at 30.06 with 0.0365', () => {
    const outcome = sizeVerdict([CASE], [], POLICY)
    if (!outcome.ok) throw new Error(outcome.reason)
    expect(outcome.verdict.fromCase?.valueMm).toBeCloseTo(30.06, 10)
    expect(outcome.verdict.fromCase?.standardUncertaintyMm).toBeCloseTo(0.0365, 4)
  })
})
