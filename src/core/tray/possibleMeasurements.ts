import { constructionOf } from '../construction/constructions'
import type { FitPolicy } from '../fit/fitPolicy'
import type { CrystalState } from '../intake/crystalStates'
import { combinedEstimate, estimateOfParts, plainEstimate } from '../measure/combinedEstimate'
import type { DescribedInstrument } from '../measure/describedInstrument'
import { specOf } from '../measure/describedInstrument'
import type { Estimate } from '../measure/Estimate'
import { fuseEstimates } from '../measure/fuseEstimates'
import type { InstrumentKind } from '../measure/InstrumentSpec'
import { instrumentErrors } from '../measure/InstrumentSpec'
import type { DimensionId } from '../readings/dimensions'
import { DIMENSIONS, isInside } from '../readings/dimensions'
import type { Foretold, PossibleMeasurement } from '../verdict/askNext'
import { jointFigures } from '../verdict/jointFigures'
import type { SizeEvidence } from '../verdict/SizeEvidence'
import { isCaseSide } from '../verdict/SizeEvidence'
import type { CaseSheet } from './CaseSheet'
import { figureOf } from './caseFigures'
import type { MeasuredFigure, MeasuredFigures } from './measuredFigures'
import { sizeEvidenceOf } from './sizeEvidenceOf'

export interface BenchInstrument extends DescribedInstrument {
  readonly kind: InstrumentKind
  readonly name: string
}

/** What decides what could still be measured of a tray, and what each would be worth. */
export interface MeasurementSituation {
  readonly crystalState: CrystalState
  readonly measured: MeasuredFigures
  readonly sheet: CaseSheet
  /** dimensions this tray's plan reads, in its order */
  readonly plan: readonly DimensionId[]
  /** shapes and whatever else says something of the size beside the dimensions */
  readonly otherEvidence: readonly SizeEvidence[]
  readonly instruments: readonly BenchInstrument[]
  /** what the shop takes for a good fit */
  readonly policy: FitPolicy
}

/** Scatter of a hand's hold, standard deviation of one reading, mm. From memory. */
export const HOLD_MM = 0.006
/** Time for one place and for taking the piece up, minutes. From memory. */
const PLACE_MINUTES = 0.25
const TAKE_UP_MINUTES = 0.5
/** A piece of rim gives a sagitta; a typical quarter circle read with a caliper, standard uncertainty, mm. From memory. */
const FRAGMENT_MM = 0.08
const FRAGMENT_MINUTES = 3

/**
 * What could still be measured on this tray: every dimension of its plan that says something of the crystal's size, with
 * every instrument that reads it and has not yet.
 */
export function possibleMeasurements(situation: MeasurementSituation): PossibleMeasurement[] {
  const { plan, instruments, measured, crystalState } = situation
  const options = plan.flatMap((dimension) => {
    const foretold = foretoldOf(dimension, situation)
    if (!foretold) return []
    const readBy = new Set(measured[dimension]?.readings.map((r) => r.instrumentId))
    return instruments
      .filter(({ id, kind }) => DIMENSIONS[dimension].instruments.includes(kind) && !readBy.has(id))
      .map((instrument) => withInstrument(dimension, instrument, foretold, situation))
  })
  return crystalState === 'shattered' ? [...options, pieceOfRim(situation)] : options
}

/** What a reading of one dimension by one instrument would be worth. */
function withInstrument(
  dimension: DimensionId,
  instrument: BenchInstrument,
  foretold: Foretold,
  situation: MeasurementSituation,
): PossibleMeasurement {
  const { label, places } = DIMENSIONS[dimension]
  const read = (readingMm: number) => readingOf(dimension, instrument, readingMm)
  const { standardUncertaintyMm } = read(foretold.from === 'itself' ? foretold.figure.valueMm : 0)
  return {
    id: `${dimension} ${instrument.name}`,
    label: `${label}, ${instrument.name.toLowerCase()}`,
    uncertaintyMm: standardUncertaintyMm,
    minutes: TAKE_UP_MINUTES + places.length * PLACE_MINUTES,
    foretold,
    after: (readingMm) => evidenceWith(dimension, read(readingMm), situation),
  }
}

/** One dimension read in all its places: the hold's scatter falls with them, the instrument's own error does not. */
function readingOf(dimension: DimensionId, instrument: BenchInstrument, readingMm: number): Estimate {
  const { ownMm, zeroMm, scale } = instrumentErrors(specOf(instrument), isInside(dimension))
  const { places } = DIMENSIONS[dimension]
  return estimateOfParts(readingMm, ownMm ** 2 + HOLD_MM ** 2 / places.length, {
    [`zero ${instrument.id}`]: zeroMm,
    [`scale ${instrument.id}`]: scale * readingMm,
  })
}

/** All evidence there would be, were a dimension read as well. */
function evidenceWith(
  dimension: DimensionId,
  reading: Estimate,
  { measured, sheet, policy, otherEvidence }: MeasurementSituation,
): SizeEvidence[] {
  const before = measured[dimension]
  const figure: MeasuredFigure = {
    ...(before ? fuseEstimates([plainEstimate(before), reading]) : reading),
    dimension,
    readings: before?.readings ?? [],
    spread: before?.spread ?? { spreadMm: 0, explainedMm: 0, verdict: 'one-reading', likelyCauses: [] },
    roundness: null,
    taper: null,
  }
  return [...sizeEvidenceOf({ ...measured, [dimension]: figure }, sheet, policy), ...otherEvidence]
}

/** Any length will do to see what a reading would say. */
const PROBE: Estimate = { valueMm: 30, standardUncertaintyMm: 0.02 }

/** Where a reading of a dimension is expected; null for one that says nothing of the size. */
function foretoldOf(dimension: DimensionId, situation: MeasurementSituation): Foretold | null {
  const { measured, sheet, policy } = situation
  const read = measured[dimension]
  const now = sizeEvidenceOf(measured, sheet, policy)
  const probed = evidenceWith(dimension, PROBE, { ...situation, otherEvidence: [] })
  if (dimension === constructionOf(sheet.retention).across(sheet, () => false) && !read)
    return probed.length > now.length ? { from: 'crystal' } : null
  const fresh = probed.filter((item) => isCaseSide(item) && !now.some(({ kind }) => kind === item.kind))
  if (!read && fresh.length > 0) {
    const { opening } = jointFigures(fresh)
    if (!opening) return null
    return { from: 'opening', readingMm: (openingMm) => PROBE.valueMm + openingMm - opening.valueMm }
  }
  const figure = figureOf(dimension, measured, sheet)
  const there = JSON.stringify(now) !== JSON.stringify(probed)
  return figure && there ? { from: 'itself', figure: plainEstimate(figure) } : null
}

/** The largest piece of a shattered crystal's rim. */
function pieceOfRim({ measured, sheet, policy, otherEvidence }: MeasurementSituation): PossibleMeasurement {
  return {
    id: 'fragment',
    label: 'Largest piece of the rim, chord and sagitta or points',
    uncertaintyMm: FRAGMENT_MM,
    minutes: FRAGMENT_MINUTES,
    foretold: { from: 'crystal' },
    after: (readingMm) => [
      ...sizeEvidenceOf(measured, sheet, policy),
      ...otherEvidence,
      {
        kind: 'fragment',
        method: 'chord',
        diameter: combinedEstimate([[1, { valueMm: readingMm, standardUncertaintyMm: FRAGMENT_MM }]]),
      },
    ],
  }
}
