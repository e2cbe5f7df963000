import type { SeatOutcome } from '../fit/CrystalSeat'
import type { FitWishes } from '../fit/FitWishes'
import { aimedInterference, USUAL_RING } from '../fit/aimedInterference'
import type { FitPolicy } from '../fit/fitPolicy'
import { isOfCase } from '../readings/dimensions'
import type { StoredShape } from '../shapes/shapeSize'
import { shapeEvidence } from '../shapes/shapeSize'
import type { OddEvidence } from '../verdict/evidenceConflicts'
import { evidenceConflicts } from '../verdict/evidenceConflicts'
import type { SizeEvidence, SizeHistory } from '../verdict/SizeEvidence'
import type { SizeVerdict } from '../verdict/sizeVerdict'
import { sizeVerdict } from '../verdict/sizeVerdict'
import type { VerdictPolicy } from '../verdict/verdictPolicy'
import type { CaseSheet } from './CaseSheet'
import { troubleOf } from './CaseTrouble'
import type { MeasuredFigures, TakenReading } from './measuredFigures'
import { measuredFigures } from './measuredFigures'
import { seatOf } from './seatOf'
import { soundReadings } from './soundReadings'
import { sizeEvidenceOf } from './sizeEvidenceOf'
import type { PastRun } from './sizeHistory'
import { lastTimePair, pastPairs, sizeHistory } from './sizeHistory'

/** Everything a tray's readings, its case sheet and its past say, before any drawer is opened. */
export interface TrayReadout {
  readonly measured: MeasuredFigures
  readonly evidence: readonly SizeEvidence[]
  /** of it what was found by ways round the jaws */
  readonly shapeEvidence: readonly SizeEvidence[]
  readonly history: readonly SizeHistory[]
  /** null while nothing was measured and no size ever fitted */
  readonly verdict: SizeVerdict | null
  /** the verdict with the past left out, or taken in where it is left out; null where there is no past */
  readonly otherVerdict: SizeVerdict | null
  /** what of the evidence cannot be reckoned with, and what to do about it; null where all is well */
  readonly trouble: string | null
  /** evidence that does not agree with the rest, the worst first */
  readonly conflicts: readonly OddEvidence[]
  /** the place the crystal goes into, or what to measure before anything can be judged */
  readonly seat: SeatOutcome
  readonly wishes: FitWishes
  /** the shop's, aiming at the interference that this case's ring material wants */
  readonly verdictPolicy: VerdictPolicy
}

export interface ReadoutChoices {
  /** diameters by ways round the jaws, that stand; the crystal's are evidence, others figures */
  readonly shapes: readonly StoredShape[]
  /** false where sizes that fitted this case before are not to weigh in: every size is as likely before measuring */
  readonly pastCounts: boolean
  /** what the shop takes for a good fit: a seat is read by it */
  readonly policy: FitPolicy
  /** how far sizes are trusted */
  readonly verdict: VerdictPolicy
}

/** @param pastRuns - press runs of other trays of this case sheet, newest first */
export function trayReadout(
  readings: readonly TakenReading[],
  sheet: CaseSheet,
  pastRuns: readonly PastRun[],
  { shapes, pastCounts, policy, verdict }: ReadoutChoices,
): TrayReadout {
  const ofCrystal = shapes.filter((shape) => shape.dimension === 'crystal-diameter')
  const { sound, trouble } = soundReadings(readings.filter(({ dimension }) => isOfCase(dimension)))
  const measured = measuredFigures(
    sound,
    shapes.filter((shape) => shape.dimension !== 'crystal-diameter'),
  )
  const aim = aimedInterference(sheet.gasketMaterial ?? USUAL_RING, policy)
  const verdictPolicy = { ...verdict, aimedInterference: aim }
  const shapesFound = ofCrystal.map(shapeEvidence)
  const evidence = [...sizeEvidenceOf(measured, sheet, policy), ...shapesFound]
  const past = sizeHistory(pastRuns)
  const history = pastCounts ? past : []
  const judged = judgedSize(evidence, { past, pastCounts }, verdictPolicy)
  return {
    measured,
    shapeEvidence: shapesFound,
    history,
    ...judged,
    trouble: [trouble, judged.trouble].filter(Boolean).join(' ') || null,
    seat: seatOf(measured, sheet, policy),
    verdictPolicy,
    wishes: {
      sizeMm: judged.verdict?.pick.sizeMm ?? null,
      material: sheet.crystalMaterial,
      profile: sheet.crystalProfile,
      magnifier: sheet.magnifier,
      arCoating: sheet.arCoating,
      gasketColour: sheet.gasketColour ?? (policy.preferredColour || null),
      lastTime: lastTimePair(pastRuns),
      pastPairs: pastPairs(pastRuns),
      between: null,
    },
  }
}

type JudgedSize = Pick<TrayReadout, 'evidence' | 'verdict' | 'otherVerdict' | 'conflicts' | 'trouble'>

/** What the evidence says of the size; none of it is handed on where it cannot be weighed. */
function judgedSize(
  evidence: readonly SizeEvidence[],
  { past, pastCounts }: { readonly past: readonly SizeHistory[]; readonly pastCounts: boolean },
  policy: VerdictPolicy,
): JudgedSize {
  try {
    const outcome = sizeVerdict(evidence, pastCounts ? past : [], policy)
    const other = past.length > 0 ? sizeVerdict(evidence, pastCounts ? [] : past, policy) : null
    return {
      evidence,
      verdict: outcome.ok ? outcome.verdict : null,
      otherVerdict: other?.ok ? other.verdict : null,
      conflicts: evidenceConflicts(evidence, policy),
      trouble: null,
    }
  } catch (error) {
    return { evidence: [], verdict: null, otherVerdict: null, conflicts: [], trouble: troubleOf(error) }
  }
}
