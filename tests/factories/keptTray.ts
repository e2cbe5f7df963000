import { TYPICAL_INSTRUMENTS } from '@/core/measure/InstrumentSpec'
import type { PressOutcome } from '@/core/press/pressOutcomes'
import type { DimensionId } from '@/core/readings/dimensions'
import type { KeptReading, KeptTray } from '@/core/tray/KeptTray'
import type { PickEvidence3 } from '@/core/tray/PickEvidence'
import { caseSheet } from './caseSheet'

const TAKEN_AT = new Date('2026-11-24T09:00:00Z')

/** One reading by a caliper, at its first place. */
export function keptReading(
  id: number,
  dimension: DimensionId,
  shownMm: number,
  over: Partial<KeptReading> = {},
): KeptReading {
  return {
    id,
    dimension,
    placeIndex: 0,
    shownMm,
    instrumentId: 1,
    ...TYPICAL_INSTRUMENTS.caliper,
    takenAt: TAKEN_AT,
    broughtInAt: null,
    voidReason: null,
    voidedAt: null,
    ...over,
  }
}

const NO_EVIDENCE: PickEvidence3 = {
  formatVersion: 3,
  retention: 'tension-gasket',
  figures: {},
  verdict: null,
  hold: '',
  rimMm: null,
  handClearanceMm: null,
  fitProbability: 1,
  probability: 1,
  reasons: [],
  readingIds: [],
}

/** A mineral crystal of a drawer, picked without a ring. */
export function keptPick(
  id: number,
  pickedAt = TAKEN_AT,
  figures: PickEvidence3['figures'] = {},
): NonNullable<KeptTray['picked']> {
  const evidence = { ...NO_EVIDENCE, figures }
  const crystal = {
    id: 4,
    material: 'mineral',
    diameterMm: 30,
    undersideRiseMm: 0,
    insideMagnifierMm: null,
  } as const
  return { pick: { id, pickedAt, evidence }, crystal, gasket: null }
}

/** A run of a pick at the press. */
export function keptRun(
  pickId: number,
  outcome: PressOutcome,
  ranAt = TAKEN_AT,
): KeptTray['pressRuns'][number] {
  return { id: 1, pickId, pressId: 1, quarterTurns: 4, leftHour: null, outcome, ranAt }
}

/** A tray on which nothing was done yet, its crystal whole; override what the test is about. */
export function keptTray(over: Partial<KeptTray> = {}): KeptTray {
  return {
    tray: {
      id: 1,
      number: 301,
      stage: 'measure',
      finishedAt: null,
      schools: {},
      pastCounts: true,
      crystalState: 'whole',
      foundMaterial: null,
      gasketPresent: true,
      gasketAgeYears: null,
      oldLume: false,
      looseMarkers: false,
      steamedUp: false,
      asked: ['crystal'],
      classBar: 5,
      diver: false,
      use: 'everyday',
    },
    sheet: caseSheet(),
    readings: [],
    shapes: [],
    findings: [],
    ticks: {},
    said: {},
    leftOut: {},
    looked: {},
    straightLooks: [],
    bezelActions: [],
    removals: [],
    heatBursts: [],
    dryRecords: [],
    runningChecks: [],
    ownerWords: {},
    returned: null,
    leakPlaces: [],
    blankRuns: [],
    pastDeformations: [],
    trail: [],
    pastTrails: [],
    pastRuns: [],
    pastWaits: [],
    pieces: [],
    partsOut: [],
    bezelsOut: [],
    inUse: [],
    picked: null,
    pressRuns: [],
    ...over,
  }
}
