import { restsOn } from '@/core/fit/restsOn'
import { PRESS_RUN_POLICY } from '@/core/press-run/pressRunPolicy'
import { VERDICT_POLICY } from '@/core/verdict/verdictPolicy'
import { FIT_POLICY } from '@/core/fit/fitPolicy'
import { fitReasons } from '@/core/fit/fitReasons'
import { constructionOf } from '@/core/construction/constructions'
import type { StockCrystal, StockGasket } from '@/core/fit/parts'
import { shortlist } from '@/core/fit/shortlist'
import { stockIndex } from '@/core/fit/stockIndex'
import { TYPICAL_INSTRUMENTS } from '@/core/measure/InstrumentSpec'
import type { DimensionId } from '@/core/readings/dimensions'
import { nextTarget, unreadOf, possibleDimensions, readingPlan } from '@/core/readings/readingPlan'
import type { StandingWork } from '@/core/stages/Stage'
import { stageStates } from '@/core/stages/stageStates'
import { trayReadout } from '@/core/tray/trayReadout'
import { stepDimensions } from '@/core/tray/stepDimensions'
import { possibleMeasurements } from '@/core/tray/possibleMeasurements'
import { askNext } from '@/core/verdict/askNext'
import { pegPlacement } from '@/core/opening/pegPlacement'
import { procedure } from '@/core/procedure/procedure'
import type { JobView } from '@/services/tray/jobView'
import type { TrayHeader } from '@/services/tray/trayHeader'
import type { TrayView } from '@/services/tray/trayView'
import { benchInstrument } from './benchInstrument'
import { caseSheet } from './caseSheet'
import { jobFacts } from './jobFacts'
import { pieceNow } from './pieceNow'
import { planBasis } from './planBasis'

export interface TrayViewOptions {
  /** figures by dimension, one a place, from 0 */
  readonly read?: Readonly<Partial<Record<DimensionId, readonly number[]>>>
  readonly crystals?: readonly StockCrystal[]
  readonly gaskets?: readonly StockGasket[]
  readonly sheet?: Parameters<typeof caseSheet>[0]
  readonly job?: Partial<JobView>
}

const NOTHING_DONE: StandingWork = {
  steps: [],
  tightnessNoted: true,
  glass: { planned: true, missing: '' },
  rest: { planned: true, missing: '' },
  out: [],
  sealsOut: false,
  looked: [],
  goBack: [],
  picked: false,
  home: false,
  rim: null,
  insertLevel: null,
  rimSeenEven: false,
  straight: [],
  bezelAction: null,
  dryTest: null,
  running: null,
  hands: null,
  onOtherFigures: {},
  partsOpen: '',
}

/** A tray's page from readings and drawers, put together by the models themselves: nothing in it is made up. */
export function trayViewOf({
  read = {},
  crystals = [],
  gaskets = [],
  sheet = {},
  job = {},
}: TrayViewOptions = {}): TrayView {
  const instruments = (['caliper', 'thickness-gauge'] as const).map((kind, i) => ({
    ...benchInstrument(kind, i + 1),
    calibrationDueOn: null,
    lastCheck: null,
  }))
  const readings = (Object.entries(read) as [DimensionId, readonly number[]][]).flatMap(
    ([dimension, figures], d) =>
      figures.map((shownMm, placeIndex) => ({
        id: 100 * (d + 1) + placeIndex,
        dimension,
        placeIndex,
        shownMm,
        instrumentId: 1,
        ...TYPICAL_INSTRUMENTS.caliper,
        takenAt: '2026-11-24T10:00:00.000Z',
        voidReason: null,
      })),
  )
  const facts = caseSheet(sheet)
  const readout = trayReadout(readings, facts, [], {
    shapes: [],
    pastCounts: true,
    policy: FIT_POLICY,
    verdict: VERDICT_POLICY,
  })
  const piece = jobFacts({ crystalState: 'shattered', ...(job.facts ?? {}) })
  const plan = readingPlan(planBasis({ crystalState: 'shattered' }))
  const construction = constructionOf(facts.retention)
  const list = readout.seat.ok
    ? shortlist(stockIndex(crystals, gaskets), readout.seat.seat, readout.wishes, { policy: FIT_POLICY })
    : null
  const seat = readout.seat.ok ? readout.seat.seat : null
  return {
    tray: trayHeader(),
    sheet: {
      ...facts,
      ...piece,
      id: 1,
      maker: 'Harrowmere',
      reference: 'Deckwatch 38',
      note: '',
      notchCount: null,
      notchCircleMm: null,
      backGripMm: null,
      backSides: null,
      lipHour: null,
      backScrewCount: null,
      crownHour: 3,
      pusherHours: '',
    },
    steps: stepDimensions(readout.measured, {}, instruments),
    fittedBefore: [],
    ownParts: [],
    possible: possibleDimensions(planBasis()),
    job: {
      facts: piece,
      procedure: procedure(piece),
      ticks: {},
      said: {},
      stages: stageStates({
        procedure: job.procedure ?? procedure(piece),
        ticks: job.ticks ?? {},
        said: {},
        leftOut: {},
        work: NOTHING_DONE,
      }),
      waits: [],
      waitsBefore: {},
      allHazards: [],
      hazards: [],
      trail: { lines: [], usual: [], renews: [], undo: null, movementOpenSince: null, coveredSince: null },
      photos: [],
      findings: [],
      piece: pieceNow(),
      bench: [],
      socket: null,
      pegs: pegPlacement(4, [90]),
      ...job,
    },
    readout,
    readings,
    shapes: [],
    askNext: askNext(
      readout.evidence,
      readout.history,
      possibleMeasurements({
        crystalState: 'shattered',
        measured: readout.measured,
        otherEvidence: readout.shapeEvidence,
        plan,
        sheet: facts,
        instruments,
        policy: FIT_POLICY,
      }),
      VERDICT_POLICY,
    ),
    plan,
    unread: unreadOf(plan, readings),
    next: nextTarget(plan, readings),
    instruments,
    shortlist:
      list && seat
        ? {
            ...list,
            words: construction.words,
            pressed: construction.pressed,
            fromDrawers: list.fittingCount > 0,
            orderWaits: false,
            toOrder: list.fittingCount === 0 ? construction.toOrder(seat, facts, FIT_POLICY) : [],
            bezelRings: [],
            fitting: list.fitting.map((pair) => ({
              ...pair,
              reasons: fitReasons(pair, seat, readout.wishes, FIT_POLICY),
              warning: null,
              refusal: null,
            })),
            rejected: list.rejected.map(({ candidate, failures }) => ({
              candidate: { ...candidate, reasons: [], warning: null, refusal: null },
              failures,
            })),
            restsOn: restsOn(seat),
            choicesInStock: crystals.length * gaskets.length,
          }
        : null,
    lastTime: null,
    pastFindings: [],
    newBezel: null,
    asFound: null,
    setParts: [],
    press: null,
    presses: [],
    dies: [],
    pressRunPolicy: PRESS_RUN_POLICY,
    simulatedCounts: true,
    pressWorks: [],
    rim: null,
    insertLevel: null,
    straight: { pairs: [], dial: null, seenMm: 0.05 },
    bezelAction: null,
    closing: null,
    hands: null,
    returned: null,
    dryTest: null,
    running: { fields: [], standing: null, notYet: null },
    removal: null,
    insertStands: null,
    policy: FIT_POLICY,
    partsOut: [],
    seals: [],
    bezelWork: null,
  }
}

function trayHeader(): TrayHeader {
  return {
    id: 1,
    number: 301,
    revision: 1,
    stage: 'measure',
    crystalState: 'shattered',
    foundMaterial: null,
    gasketPresent: true,
    gasketAgeYears: null,
    pastCounts: true,
    oldLume: false,
    looseMarkers: false,
    steamedUp: false,
    asked: ['crystal'],
    classBar: 5,
    diver: false,
    use: 'everyday',
    wear: null,
    schools: {},
    complaint: '',
    promises: '',
    quoteCents: null,
    quoteMinutes: null,
    quoteSpecialist: '',
    openedAt: '2026-11-24T09:00:00.000Z',
    dueAt: '2026-11-26T16:00:00.000Z',
    finishedAt: null,
    owner: 'Skerrow Ferry Line',
    ownerMark: '',
    caseName: 'Harrowmere Deckwatch 38',
  }
}
