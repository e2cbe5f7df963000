import { caseSheet } from '../../../tests/factories/caseSheet'
import { keptReading, keptTray } from '../../../tests/factories/keptTray'
import { BUILT_IN_POLICY } from '../policy/ShopPolicy'
import type { DimensionId } from '../readings/dimensions'
import type { CaseSheet } from '../tray/CaseSheet'
import { trayCase } from '../tray/trayCase'
import type { Retention } from './kinds'

/** A sheet on which no dimension of anything is known. */
function blankSheet(retention: Retention, over: Partial<CaseSheet> = {}): CaseSheet {
  const blank = Object.fromEntries(
    Object.entries(caseSheet()).map(([name, value]: [string, unknown]) => [
      name,
      name.endsWith('Mm') ? null : value,
    ]),
  )
  // Names and values are a sheet’s own: only lengths were taken out.
  return { ...(blank as unknown as CaseSheet), retention, ...over }
}

function openingOf(sheet: CaseSheet, read: readonly (readonly [DimensionId, number])[]) {
  const readings = read.map(([dimension, mm], i) => keptReading(i + 1, dimension, mm))
  const { seat } = trayCase(keptTray({ sheet, readings }), {
    policy: BUILT_IN_POLICY,
    schools: {},
    invented: false,
  }).now.readout
  return seat.ok ? seat.seat.opening : seat.missing
}

describe('a seat of which only the old crystal was read', () => {
  const { snapGripMm, crazeStrain, tensionRingWindow, cementGap, glassPlay } = BUILT_IN_POLICY.fit

  it('is as much smaller as an acrylic is sprung or spread, give or take how good fits scatter', () => {
    const groove = openingOf(blankSheet('snap-acrylic'), [['crystal-diameter', 29.2]])
    const grip = (snapGripMm + crazeStrain * 29.2) / 2
    expect(groove).toMatchObject({ origin: 'derived', valueMm: expect.closeTo(29.2 - grip, 9) as number })
    const scatter = (crazeStrain * 29.2 - snapGripMm) / 4
    if (typeof groove === 'string') throw new Error(groove)
    expect(groove.standardUncertaintyMm).toBeGreaterThan(scatter)
    expect(groove.standardUncertaintyMm).toBeLessThan(scatter + 0.02)
    const bore = openingOf(blankSheet('tension-ring-acrylic'), [['crystal-diameter', 30]])
    const middle = (tensionRingWindow.lowMm + tensionRingWindow.highMm) / 2
    expect(bore).toMatchObject({ origin: 'derived', valueMm: expect.closeTo(30 - middle, 9) as number })
  })

  it('is larger by cement on both sides, or by the glass’s play', () => {
    const round = blankSheet('cemented', { crystalOutline: 'round' })
    const gap = cementGap.lowMm + cementGap.highMm
    const rebate = { origin: 'derived', valueMm: expect.closeTo(30 + gap, 9) as number }
    expect(openingOf(round, [['crystal-diameter', 30]])).toMatchObject(rebate)
    const shaped = blankSheet('cemented', { crystalOutline: 'shaped' })
    expect(openingOf(shaped, [['crystal-length', 24]])).toBe('rebate-width')
    const sides = [
      ['crystal-length', 24],
      ['crystal-width', 20],
    ] as const
    expect(openingOf(shaped, sides)).toMatchObject({ valueMm: expect.closeTo(24 + gap, 9) as number })
    const ringed = blankSheet('bayonet-ring', { rebateDepthMm: 2, ringStrokeMm: 0.5 })
    const play = (glassPlay.lowMm + glassPlay.highMm) / 2
    const shelf = { origin: 'derived', valueMm: expect.closeTo(30 + play, 9) as number }
    expect(openingOf(ringed, [['crystal-diameter', 30]])).toMatchObject(shelf)
  })

  it('gives way to the seat itself once that was read, and is asked for where neither was', () => {
    const both = [
      ['crystal-diameter', 29.2],
      ['groove', 29],
    ] as const
    expect(openingOf(blankSheet('snap-acrylic'), both)).toMatchObject({ origin: 'measured', valueMm: 29 })
    expect(openingOf(blankSheet('snap-acrylic'), [])).toBe('groove')
  })
})
