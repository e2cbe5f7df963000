import type { StockIndex } from '@/core/fit/stockIndex'
import { stockedEdges } from '@/core/fit/stockIndex'
import { possibleMeasurements } from '@/core/tray/possibleMeasurements'
import { sizeHistory } from '@/core/tray/sizeHistory'
import type { DimensionStep } from '@/core/tray/stepDimensions'
import { stepDimensions } from '@/core/tray/stepDimensions'
import type { NextMeasurements } from '@/core/verdict/askNext'
import { askNext } from '@/core/verdict/askNext'
import type { SizeHistory } from '@/core/verdict/SizeEvidence'
import type { Instrument } from '@/data/queries/tools'
import type { OpenedCase } from './openTrayCases'

/** What is told of the size beside its verdict. */
export interface SizeView {
  /** what to measure next for the size; null while nothing is known */
  readonly askNext: NextMeasurements | null
  /** which step of their stock the other stepped dimensions are */
  readonly steps: readonly DimensionStep[]
  /** sizes that fitted this case before, whether they weigh in or not */
  readonly fittedBefore: readonly SizeHistory[]
}

export function sizeView(
  opened: OpenedCase,
  instruments: readonly Instrument[],
  drawers: StockIndex,
): SizeView {
  const { kept, rules } = opened
  const { sheet, readout } = opened.now
  const { measured, evidence, history, verdictPolicy } = readout
  const possible = possibleMeasurements({
    crystalState: kept.tray.crystalState,
    measured,
    otherEvidence: readout.shapeEvidence,
    plan: opened.plan,
    sheet,
    instruments,
    policy: rules.policy.fit,
  })
  return {
    askNext: askNext(evidence, history, possible, verdictPolicy),
    steps: stepDimensions(measured, stockedSteps(drawers), instruments),
    fittedBefore: sizeHistory(kept.pastRuns),
  }
}

/** Steps the drawers hold of what was measured. */
function stockedSteps(drawers: StockIndex) {
  return {
    'crystal-edge': stockedEdges(drawers, 'disc'),
    'gasket-wall': drawers.stockedWalls,
  }
}
