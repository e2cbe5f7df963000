import { plannedPressureBar } from '@/core/dry-test/againstPressure'
import { likelyAirCm3 } from '@/core/dry-test/caseAir'
import { LEAST_BLANK_RUNS } from '@/core/dry-test/driftOf'
import type { DryPlot } from '@/core/dry-test/dryPlot'
import { dryPlot } from '@/core/dry-test/dryPlot'
import { flowText, lastedText } from '@/core/dry-test/dryWords'
import { priorOf } from '@/core/dry-test/fitDryTest'
import { leastLeakSeen } from '@/core/dry-test/leastLeakSeen'
import type { LeakPlace } from '@/core/dry-test/LeakPlace'
import { LEAK_PLACE_WORDS } from '@/core/dry-test/LeakPlace'
import { againstWorkingOn, LEAK_PLACE_FACTS, likelyPlaces } from '@/core/dry-test/likelyPlaces'
import type { StandingDryTest } from '@/core/dry-test/standingDryTest'
import type { TesterMode } from '@/core/dry-test/testerModes'
import { testPressure } from '@/core/intake/waterClass'
import { crystalUnderTest } from '@/core/plate/crystalUnderTest'
import { jobOf } from '@/core/procedure/jobOf'
import { dryTestFields } from '@/core/records/dryTestFields'
import type { Field } from '@/core/records/Field'
import { againstStep } from '@/core/stages/inOrder'
import { PRESSURE_TEST } from '@/core/stages/prove'
import type { StageId } from '@/core/stages/stages'
import { stageLabel } from '@/core/stages/stages'
import { capital } from '@/core/units/capital'
import { formatMm } from '@/core/units/formatMm'
import { formatPercent } from '@/core/units/formatMm'
import type { OpenedCase } from './openTrayCases'
import { standingOrder } from './recordTrail'

/** A place a leak may be at, as Prove shows it. */
export interface LeakPlaceView {
  readonly place: LeakPlace
  readonly label: string
  /** “55 %” */
  readonly share: string
  readonly part: number
  readonly because: readonly string[]
  readonly test: string
  readonly stage: StageId
  readonly stageLabel: string
  /** why it cannot be worked on in this job; null where it can */
  readonly against: string | null
}

/** The last dry test, as Prove shows it. */
export interface DryTestShown {
  readonly id: number
  readonly words: string
  readonly verdict: 'pass' | 'fail' | 'cannot-tell'
  readonly isTight: boolean
  readonly notes: readonly string[]
  /** what was found, a line each */
  readonly figures: readonly { readonly what: string; readonly is: string }[]
  /** what the drift is known by */
  readonly drift: string
  /** what blank runs would gain; null where there are enough */
  readonly gains: string | null
  readonly plot: DryPlot
  readonly simulated: boolean
  /** ISO time */
  readonly at: string
}

/** A leak that was looked for after a test. */
export interface LeakLookedFor {
  readonly words: string
  readonly stage: StageId
  /** not tested since */
  readonly isOpen: boolean
  /** ISO time */
  readonly at: string
}

/** The dry test of a case as Prove shows it. */
export interface DryTestView {
  /** at which pressure this piece is to be tested, in words; null where no class is stated */
  readonly pressure: string | null
  /** what warns of its crystal under that pressure; null where nothing does */
  readonly crystal: string | null
  readonly testers: readonly { readonly id: number; readonly name: string; readonly mode: TesterMode }[]
  readonly fields: readonly Field[]
  readonly initial: Readonly<Record<string, string | number | null>>
  /** why the case cannot be tested yet; null where it can */
  readonly notYet: string | null
  /** null while none was recorded */
  readonly last: DryTestShown | null
  /** where the leak may be, the likeliest first; empty where none is to be looked for */
  readonly places: readonly LeakPlaceView[]
  /** where it was looked for after tests of this tray, oldest first */
  readonly looked: readonly LeakLookedFor[]
  /** how many tests were recorded here */
  readonly tests: number
}

const ROOM_C = 20

/** @returns null where this job asks for no pressure test */
export function dryTestView(opened: OpenedCase): DryTestView | null {
  const { kept, procedure, dryTest, rules } = opened
  const step = procedure.steps.find(({ id }) => id === PRESSURE_TEST)
  if (!step) return null
  const { testers, dryRecords, leakPlaces } = kept
  const limit = rules.policy.dryTest.limitUgPerMin
  const before = dryTest?.record
  const tester = testers.find(({ id }) => id === before?.testerId) ?? testers[0]
  return {
    pressure: testPressure(kept.tray)?.words ?? null,
    crystal: crystalUnderTest(
      { fitted: kept.picked?.crystal ?? null, original: opened.original },
      kept.tray,
      rules.policy.strength,
    ),
    testers: testers.map(({ id, name, mode }) => ({ id, name, mode })),
    fields: dryTestFields(testers),
    initial: {
      kind: 'test',
      testerId: tester ? String(tester.id) : null,
      pressureBar: tester ? plannedPressureBar(kept.tray, tester) : null,
      airCm3: before?.airCm3 ?? likelyAirCm3(kept.sheet),
      temperatureC: before?.temperatureC ?? ROOM_C,
    },
    notYet: againstStep(step, standingOrder(opened)),
    last: dryTest && shownTest(dryTest, limit),
    places: dryTest && dryTest.judged.verdict !== 'pass' ? placesOf(opened, dryTest) : [],
    looked: leakPlaces.map(({ place, reason, at }) => ({
      words: `Looked for at the ${LEAK_PLACE_WORDS[place]}: “${reason}”`,
      stage: LEAK_PLACE_FACTS[place].stage,
      isOpen: dryTest !== null && at > dryTest.record.at,
      at: at.toISOString(),
    })),
    tests: dryRecords.filter(({ kind }) => kind === 'test').length,
  }
}

/** A record that only was too short, or whose tester nobody knows, says nothing of a leak. */
function placesOf(opened: OpenedCase, { judged }: StandingDryTest): LeakPlaceView[] {
  if (judged.verdict === 'cannot-tell' && judged.doubt !== 'near-the-limit') return []
  const { facts, kept, rim } = opened
  const job = jobOf(facts, kept.tray.schools)
  return likelyPlaces({
    job,
    findings: kept.findings,
    rimUneven: rim !== null && !rim.judgement.isLevel,
    triedHere: kept.leakPlaces.map(({ place }) => place),
    foundBefore: kept.leaksFound,
  }).map(({ place, share, because }) => {
    const { test, stage } = LEAK_PLACE_FACTS[place]
    return {
      ...{ place, because, test, stage },
      label: capital(LEAK_PLACE_WORDS[place]),
      share: formatPercent(share),
      part: share,
      stageLabel: stageLabel(stage),
      against: againstWorkingOn(place, job),
    }
  })
}

function shownTest(test: StandingDryTest, limitUgPerMin: number): DryTestShown {
  const { record, read, judged, blanks, words, notes, isTight, at, pastTests } = test
  const { flow, leastSeen, isOpen } = judged
  const unit = 'µg/min of air'
  return {
    ...{ id: record.id, words, verdict: judged.verdict, isTight, notes, at },
    figures: [
      ...(isOpen
        ? []
        : [
            {
              what: 'Leak',
              is: `${flowText(flow.middle)} ${unit}, 95 % sure of ${flowText(flow.low)} to ${flowText(flow.high)}`,
            },
            {
              what: 'Smallest leak it could have seen',
              is: Number.isFinite(leastSeen) ? `${flowText(leastSeen)} ${unit}` : 'none: it did not go in',
            },
          ]),
      {
        what: 'Tested',
        is: `${pressureText(read.air.pressureBar, record.pressureBar)}, ${lastedText(judged.judgedForS)}, ${formatMm(read.air.volumeCm3, 0.1)} cm³ of air`,
      },
      {
        what: 'It went in by',
        is: `${formatMm(Math.abs(judged.likeliest.deformationUm), 0.1)} µm${pastTests > 0 ? `; ${formatMm(Math.abs(test.known.deformation?.um ?? 0), 0.1)} by ${pastTests === 1 ? 'an earlier good test' : `${pastTests} earlier good tests`} of this case` : ', no earlier good test of this case'}`,
      },
    ],
    drift: driftText(blanks),
    gains: blanks.count < LEAST_BLANK_RUNS ? gainsOf(test, limitUgPerMin) : null,
    plot: dryPlot(test, limitUgPerMin),
    simulated: record.trace.source === 'simulated',
  }
}

function pressureText(bar: number, signed: number | null): string {
  return `${formatMm(bar, 0.1)} bar${signed !== null && signed < 0 ? ' under the air around' : ''}`
}

function driftText({ count, likeIt }: StandingDryTest['blanks']): string {
  if (count === 0) return 'Drift of this tester: no blank run yet.'
  const runs = count === 1 ? '1 blank run' : `${count} blank runs`
  const of = likeIt ? 'on cases of this metal' : 'on cases of other metals too'
  return count < LEAST_BLANK_RUNS
    ? `Drift of this tester: ${runs}, it takes ${LEAST_BLANK_RUNS}.`
    : `Drift of this tester by ${runs} ${of}.`
}

/** What the same record could have seen at best, were the drift known. */
function gainsOf({ read, known, judged }: StandingDryTest, limitUgPerMin: number): string {
  const lastsS = judged.judgedForS
  const prior = priorOf({ ...known, drift: null }, lastsS)
  const [ofCase = 0, ...ofDrift] = prior.spreads
  const plan = {
    ...{ air: read.air, lastsS, samples: read.timesS.length, noiseUm: judged.noiseUm },
    deformationUm: Math.abs(judged.likeliest.deformationUm),
  }
  const best = leastLeakSeen(plan, { ...prior, spreads: [ofCase, ...ofDrift.map(() => 1e-9)] })
  const now = leastLeakSeen(plan, prior)
  const sees = best <= limitUgPerMin ? 'enough' : 'still not enough: measure longer as well'
  return `With the drift known this record would see a leak of ${flowText(best)} µg/min at best, ${sees}; without, of ${flowText(now)}.`
}
