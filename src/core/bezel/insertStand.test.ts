import { BEZEL_POLICY } from './bezelPolicy'
import { insertStand } from './insertStand'

const bed = { depthMm: 0.9, hold: 'adhesive', fixing: 'flexible-cement' } as const

describe('insertStand', () => {
  it('counts what fixes it, and nothing under one that friction holds', () => {
    expect(insertStand(0.8, bed, BEZEL_POLICY).flushMm).toBeCloseTo(-0.05, 9)
    expect(insertStand(0.8, { ...bed, fixing: 'double-sided-ring' }, BEZEL_POLICY).flushMm).toBeCloseTo(
      0.02,
      9,
    )
    expect(insertStand(0.8, { ...bed, hold: 'friction' }, BEZEL_POLICY).flushMm).toBeCloseTo(-0.1, 9)
  })

  it('calls it flush up to the shop’s limits and with them, else proud or sunk', () => {
    const wordOf = (thicknessMm: number) => insertStand(thicknessMm, bed, BEZEL_POLICY).word
    const { lowMm, highMm } = BEZEL_POLICY.flush
    const flushAt = (mm: number) => mm + bed.depthMm - BEZEL_POLICY.underMm['flexible-cement']
    expect(wordOf(flushAt(highMm))).toBe('flush')
    expect(wordOf(flushAt(lowMm))).toBe('flush')
    expect(wordOf(flushAt(highMm) + 0.01)).toBe('proud')
    expect(wordOf(flushAt(lowMm) - 0.01)).toBe('sunk')
  })

  it('says nothing where nobody measured the recess', () => {
    expect(insertStand(0.8, { ...bed, depthMm: null }, BEZEL_POLICY)).toEqual({
      ...{ thicknessMm: 0.8, flushMm: null, word: null },
    })
  })
})
