import { jointFigures } from '../verdict/jointFigures'
import { TYPICAL_INSTRUMENTS } from '../measure/InstrumentSpec'
import { crystalDiameter, isCaseSide } from '../verdict/SizeEvidence'
import type { ShapeInput, ShapeKind } from './shapeSize'
import { SHAPE_KINDS, shapeEvidence, shapeSize } from './shapeSize'

const instrument = { ...TYPICAL_INSTRUMENTS.caliper, zeroOffsetMm: 0.02 }
const size = (input: ShapeInput) => {
  const outcome = shapeSize(input)
  if (!outcome.ok) throw new Error(outcome.message)
  return outcome
}
const message = (input: ShapeInput) => {
  const outcome = shapeSize(input)
  return outcome.ok ? 'accepted' : outcome.message
}
const rim = (count: number, arcDeg: number, chips = 0) =>
  Array.from({ length: count }, (_, i) => {
    const angle = ((arcDeg * i) / (count - 1)) * (Math.PI / 180)
    const r = i < chips ? 14 : 15
    return { xMm: r * Math.cos(angle), yMm: r * Math.sin(angle) }
  })

describe('shapeSize', () => {
  it('takes the zero offset off chord and sagitta, and says which arc would be enough', () => {
    const found = size({ kind: 'chord', chordMm: 18.02, sagittaMm: 3.22, instrument })
    expect(found.diameter.valueMm).toBeCloseTo(28.5125, 6)
    // Half-angle a of an arc: tan(a/2) = 2h/c, so 78.3 degrees in all.
    expect(found.arcDeg).toBeCloseTo((4 * Math.atan(6.4 / 18) * 180) / Math.PI, 9)
    expect(found.arcForFine?.arcDeg ?? 0).toBeGreaterThan(150)
  })

  it('leaves chips out of the rim', () => {
    const found = size({ kind: 'points', points: rim(30, 120, 4) })
    expect(found.diameter.valueMm).toBeCloseTo(30, 6)
    expect(found.words).toMatch(/^26 of 30 points/)
    expect(found.inliers?.slice(0, 4)).toEqual([false, false, false, false])
  })

  it('adds two bevels to a visible top, and trusts an imprint less', () => {
    expect(
      size({ kind: 'visible-top', topMm: 29.62, bevelMm: 0.2, instrument }).diameter.valueMm,
    ).toBeCloseTo(30, 9)
    const imprint = size({ kind: 'gasket-imprint', imprintMm: 30.02, instrument }).diameter
    expect(imprint.standardUncertaintyMm).toBeGreaterThan(0.06)
  })

  it('says what is wrong and what to do', () => {
    expect(message({ kind: 'chord', chordMm: 18, sagittaMm: 9.4, instrument })).toMatch(
      /more than half a circle. Measure across it/,
    )
    expect(message({ kind: 'chord', chordMm: 0.01, sagittaMm: 1, instrument })).toMatch(
      /Chord: 0.01 mm must be more than 0/,
    )
    expect(message({ kind: 'chord', chordMm: 18, sagittaMm: 0, instrument })).toMatch(/^Sagitta/)
    expect(message({ kind: 'chord', chordMm: 30, sagittaMm: 0.5, instrument })).toMatch(
      /Diameter: \d+\.\d\d mm is outside 8.00–60.00/,
    )
    const line = Array.from({ length: 9 }, (_, i) => ({ xMm: i, yMm: i }))
    expect(message({ kind: 'points', points: line })).toMatch(/one straight line/)
    expect(message({ kind: 'points', points: line.slice(0, 2) })).toMatch(/at least three/)
    expect(message({ kind: 'visible-top', topMm: 29, bevelMm: 3.1, instrument })).toMatch(/Bevel: 3.10/)
    expect(message({ kind: 'visible-top', topMm: 29, bevelMm: 5, instrument })).toMatch(
      /Bevel: 5.00 mm is outside/,
    )
  })
})

describe('shapes as evidence', () => {
  const stored = (kind: ShapeKind, diameterMm = 30.01, shared = {}) => ({
    dimension: 'crystal-diameter' as const,
    kind,
    diameterMm,
    standardUncertaintyMm: 0.05,
    shared,
  })

  it('give back the stored size for every kind', () => {
    for (const kind of SHAPE_KINDS) {
      const evidence = shapeEvidence(stored(kind))
      if (isCaseSide(evidence)) throw new Error('a shape is the crystal’s')
      expect(crystalDiameter(evidence)).toMatchObject({ valueMm: 30.01, standardUncertaintyMm: 0.05 })
    }
  })

  it('do not take ten pictures of one sheet for ten independent ones', () => {
    const pictures = Array.from({ length: 10 }, (_, i) =>
      shapeEvidence(stored('photo', 30 + (i % 2) * 0.02, { 'gauge sheet': 0.035 })),
    )
    const { crystal } = jointFigures(pictures)
    expect(crystal?.valueMm).toBeCloseTo(30.01, 9)
    // √(0.035² + (0.05² − 0.035²)/10), worked by hand.
    expect(crystal?.standardUncertaintyMm).toBeCloseTo(0.036776, 6)
  })

  it('do not take three chords by one caliper for three independent ones', () => {
    const chord = shapeSize({
      kind: 'chord',
      chordMm: 18,
      sagittaMm: 3.2,
      instrument: { ...TYPICAL_INSTRUMENTS.caliper, instrumentId: 7 },
    })
    if (!chord.ok) throw new Error(chord.message)
    const { standardUncertaintyMm: u, shared } = chord.diameter
    // Slope 2.8125: the zero moves chord and sagitta alike, by 2.8125 + 1 − 2.8125² = −4.09766 of it.
    expect(shared?.['zero 7']).toBeCloseTo((-4.09765625 * 0.03) / Math.sqrt(3), 9)
    const own = Math.hypot(0.01 / Math.sqrt(12), 0.006)
    expect(u).toBeCloseTo(Math.hypot(shared?.['zero 7'] ?? 0, own * Math.hypot(2.8125, 6.91015625)), 9)
    const three = Array.from(
      { length: 3 },
      () => ({ kind: 'fragment', method: 'chord', diameter: chord.diameter }) as const,
    )
    expect(jointFigures(three).crystal?.standardUncertaintyMm).toBeGreaterThan(
      Math.abs(shared?.['zero 7'] ?? 0),
    )
    expect(jointFigures(three).crystal?.standardUncertaintyMm).toBeLessThan(u)
  })
})
