import { aimedInterference, USUAL_RING } from '../fit/aimedInterference'
import type { FitPolicy } from '../fit/fitPolicy'
import type { InstrumentKind, InstrumentSpec } from '../measure/InstrumentSpec'
import { typeBUncertaintyMm } from '../measure/InstrumentSpec'
import { constructionOf } from '../construction/constructions'
import type { DimensionId } from '../readings/dimensions'
import { DIMENSIONS } from '../readings/dimensions'
import type { CrystalState } from '../intake/crystalStates'
import { isWholeEnough } from '../intake/crystalStates'
import type { Estimate } from '../measure/Estimate'
import type { PossibleMeasurement } from '../verdict/askNext'
import type { CaseSheet } from './CaseSheet'
import { figureOf } from './caseFigures'
import type { MeasuredFigures } from './measuredFigures'

export interface BenchInstrumentFacts extends InstrumentSpec {
  readonly kind: InstrumentKind
  readonly name: string
}

export interface MeasurementFacts {
  readonly crystalState: CrystalState
  readonly gasketPresent: boolean
  readonly measured: MeasuredFigures
  readonly sheet: CaseSheet
  readonly instruments: readonly BenchInstrumentFacts[]
  /** what the shop takes for a good fit */
  readonly policy: FitPolicy
}

/** Instruments that can read a diameter from outside, and from inside. */
const OUTSIDE: readonly InstrumentKind[] = ['caliper', 'micrometer']
const INSIDE: readonly InstrumentKind[] = ['caliper', 'inside-micrometer', 'pin-gauges']
/** Scatter of a hand's hold, standard deviation of one reading, mm. From memory. */
const HOLD_MM = 0.006
/** Time for one place and for taking the piece up, minutes. From memory. */
const PLACE_MINUTES = 0.25
const TAKE_UP_MINUTES = 0.5
/** A piece of rim gives a sagitta; a typical quarter circle read with a caliper, standard uncertainty, mm. From memory. */
const FRAGMENT_MM = 0.08
const FRAGMENT_MINUTES = 3

/** What could still be measured on this tray for the crystal's size, with what each would be worth. */
export function possibleMeasurements(facts: MeasurementFacts): PossibleMeasurement[] {
  const { crystalState, gasketPresent, measured, sheet, policy } = facts
  const wall = figureOf('gasket-wall', measured, sheet)
  const construction = constructionOf(sheet.retention)
  const { bore } = construction.ring
  const seat = construction.seatSize(measured, sheet, policy)
  const { fitted } = construction.reads(sheet)
  const wholeEnough = isWholeEnough(crystalState)
  const options: (PossibleMeasurement | false)[] = [
    ...(wholeEnough ? across('crystal-diameter', 'crystal', facts) : []),
    ...(gasketPresent && !wholeEnough ? fitted.flatMap((id) => across(id, 'case', facts)) : []),
    ...(wall && bore ? across(bore, 'case', facts, 2 * wall.standardUncertaintyMm) : []),
    ...(seat ? across(seat.dimension, 'case', facts, beyondAim(seat.above, facts)) : []),
    crystalState === 'shattered' && {
      id: 'fragment',
      label: 'Largest piece of the rim, chord and sagitta or points',
      side: 'crystal',
      uncertaintyMm: FRAGMENT_MM,
      minutes: FRAGMENT_MINUTES,
    },
  ]
  return options.filter((option) => option !== false)
}

/** What a seat's fits scatter beyond the interference every case-side verdict allows for, mm. */
function beyondAim(
  { standardUncertaintyMm }: Estimate,
  { sheet, policy }: Pick<MeasurementFacts, 'sheet' | 'policy'>,
): number {
  const aim = aimedInterference(sheet.gasketMaterial ?? USUAL_RING, policy).standardUncertaintyMm
  return Math.sqrt(Math.max(0, standardUncertaintyMm ** 2 - aim ** 2))
}

/** One dimension with every instrument that has not read it yet: the same one again keeps its own error. */
function across(
  dimension: DimensionId,
  side: 'crystal' | 'case',
  { measured, instruments }: MeasurementFacts,
  beside = 0,
): PossibleMeasurement[] {
  const readBy = new Set(measured[dimension]?.readings.map((r) => r.maximumPermissibleErrorMm))
  const { label, places } = DIMENSIONS[dimension]
  return instruments
    .filter((i) => (dimension === 'crystal-diameter' ? OUTSIDE : INSIDE).includes(i.kind))
    .filter((i) => !readBy.has(i.maximumPermissibleErrorMm))
    .map((instrument) => ({
      id: `${dimension} ${instrument.name}`,
      label: `${label}, ${instrument.name.toLowerCase()}`,
      side,
      uncertaintyMm: Math.hypot(typeBUncertaintyMm(instrument), HOLD_MM / Math.sqrt(places.length), beside),
      minutes: TAKE_UP_MINUTES + places.length * PLACE_MINUTES,
    }))
}
