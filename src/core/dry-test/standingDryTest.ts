import { mean, sampleStandardDeviation } from 'simple-statistics'
import type { Metal } from '../construction/kinds'
import type { WaterClass } from '../intake/waterClass'
import { movedSince } from '../trail/movedSince'
import type { PartMove } from '../trail/partMoves'
import type { TrailPartId } from '../trail/parts'
import { belowOwnPressure } from './againstPressure'
import { LEAST_BLANK_RUNS, driftOf } from './driftOf'
import type { BlankRun, DryKnown, DryRecord } from './DryRecord'
import type { DryKind, DryTrace } from './DryTrace'
import { dryAdvice, dryWords } from './dryWords'
import type { DryTestPolicy } from './dryTestPolicy'
import { LEAST_SAMPLES } from './fitDryTest'
import type { DryJudgement } from './judgeDryTest'
import { judgeDryTest } from './judgeDryTest'
import { phasesOf } from './phasesOf'

/** A tester's record as it is kept on a tray. */
export interface KeptDryRecord {
  readonly id: number
  readonly testerId: number
  readonly kind: DryKind
  readonly trace: DryTrace
  /** that stood, against the air around; null of a blank run */
  readonly pressureBar: number | null
  /** free inside the case, cm³; null of a blank run */
  readonly airCm3: number | null
  readonly temperatureC: number
  readonly at: Date
}

/** A blank run of any tray: made as one, or what a test showed before its pressure. */
export interface KeptBlankRun {
  readonly testerId: number
  readonly trayId: number
  readonly caseMaterial: Metal | null
  readonly run: BlankRun
  readonly at: Date
}

/** How far this case went in by a good test of another piece. */
export interface PastDeformation {
  readonly umPerBar: number
  readonly at: Date
}

/** What a dry test is judged by beside its own record. */
export interface DryBasis {
  readonly blankRuns: readonly KeptBlankRun[]
  readonly past: readonly PastDeformation[]
  readonly caseMaterial: Metal | null
  /** what is learned later is none of it: when the tray was handed back; null in hand */
  readonly until: Date | null
}

/** How a tray's case stands by its last dry test. */
export interface StandingDryTest {
  readonly record: KeptDryRecord
  /** what of it was read, and what it was judged by */
  readonly read: DryRecord
  readonly known: DryKnown
  readonly judged: DryJudgement
  /** that say how its tester drifts; `likeIt` where all are of cases of the same metal */
  readonly blanks: { readonly count: number; readonly likeIt: boolean }
  /** how many earlier good tests say how far it goes in */
  readonly pastTests: number
  readonly words: string
  /** what to do, and what it does not say, a sentence each */
  readonly notes: readonly string[]
  /** nothing of it moved since, and it is tight */
  readonly isTight: boolean
  /** ISO time */
  readonly at: string
}

/** Off and on again, a case may leak otherwise. */
const SEALING: readonly TrailPartId[] = [
  'back',
  'back-screw',
  'back-seal',
  'stem',
  'bezel',
  'crystal',
  'crystal-gasket',
]
/** Pieces of a case differ by as much, share. From memory */
const USUAL_SPREAD = 0.15
const PIECES_FOR_SPREAD = 3

/** How a case stands by its last dry test. @returns null where none was made */
export function standingDryTest(
  records: readonly KeptDryRecord[],
  basis: DryBasis,
  piece: WaterClass,
  policy: DryTestPolicy,
  moves: readonly PartMove[],
): StandingDryTest | null {
  const record = records.findLast(({ kind }) => kind === 'test')
  if (!record) return null
  const { standing, trouble } = phasesOf(record.trace.rows)
  const pressureBar = Math.abs(record.pressureBar ?? 0)
  const read: DryRecord = {
    air: { volumeCm3: record.airCm3 ?? 0, pressureBar, temperatureC: record.temperatureC },
    timesS: standing.timesS,
    deformationUm: standing.shownUm,
  }
  if (!isReadable(read)) return null
  const blanks = blanksOf(record.testerId, basis)
  const past = basis.past.filter(({ at }) => isBefore(at, basis.until))
  const known: DryKnown = {
    drift: driftOf(blanks.runs),
    deformation: deformationOf(past, pressureBar, read),
  }
  const judged = judgeDryTest(read, known, policy)
  const at = record.at.toISOString()
  const moved = movedSince(SEALING, at, moves)
  const words = dryWords(judged, policy.limitUgPerMin)
  return {
    ...{ record, read, known, judged, at },
    blanks: { count: blanks.runs.length, likeIt: blanks.likeIt },
    pastTests: past.length,
    words: moved === null ? words : `${words} when it was tested, ${moved}`,
    notes: [
      moved === null ? null : 'Off and on again, it may leak otherwise: test it once more.',
      dryAdvice(judged, blanks.runs.length, LEAST_BLANK_RUNS),
      trouble,
      belowOwnPressure(pressureBar, piece),
    ].filter((note) => note !== null),
    isTight: judged.verdict === 'pass' && moved === null,
  }
}

/** Files of other shops may hold what no form lets through. */
function isReadable({ air, timesS }: DryRecord): boolean {
  return timesS.length >= LEAST_SAMPLES && air.volumeCm3 > 0 && air.pressureBar > 0
}

function isBefore(at: Date, until: Date | null): boolean {
  return until === null || at <= until
}

/** Of this tester: on cases of the same metal where there are enough of them, else on all. */
function blanksOf(
  testerId: number,
  { blankRuns, caseMaterial, until }: DryBasis,
): { readonly runs: readonly BlankRun[]; readonly likeIt: boolean } {
  const all = blankRuns.filter((blank) => blank.testerId === testerId && isBefore(blank.at, until))
  const alike = all.filter((blank) => blank.caseMaterial === caseMaterial)
  const likeIt = alike.length >= LEAST_BLANK_RUNS || alike.length === all.length
  return { runs: (likeIt ? alike : all).map(({ run }) => run), likeIt }
}

/** How far it should go in, the way the record shows it. */
function deformationOf(
  past: readonly PastDeformation[],
  pressureBar: number,
  { deformationUm }: DryRecord,
): DryKnown['deformation'] {
  if (past.length === 0) return null
  const rates = past.map(({ umPerBar }) => Math.abs(umPerBar))
  const usual = mean(rates)
  const spread = rates.length >= PIECES_FOR_SPREAD ? sampleStandardDeviation(rates) : USUAL_SPREAD * usual
  const way = (deformationUm[0] ?? 0) < 0 ? -1 : 1
  return { um: way * usual * pressureBar, spreadUm: Math.max(spread, 0.05 * usual) * pressureBar }
}
