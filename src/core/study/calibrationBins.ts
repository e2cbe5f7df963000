/** One answer with the probability it stated, and whether it was right. */
export interface StatedAnswer {
  /** 0…1 */
  readonly stated: number
  readonly right: boolean
}

export interface CalibrationBin {
  readonly from: number
  readonly to: number
  readonly cases: number
  readonly meanStated: number
  /** share that was right, 0…1 */
  readonly right: number
}

const BIN_EDGES = [0, 0.5, 0.6, 0.7, 0.8, 0.9, 0.95, 0.99, 1] as const

/** Answers sorted by what they stated: a calibrated model is right as often as it says in every bin. */
export function calibrationBins(answers: readonly StatedAnswer[]): CalibrationBin[] {
  return BIN_EDGES.slice(0, -1).map((from, i) => {
    const to = BIN_EDGES[i + 1] ?? 1
    const inside = answers.filter((a) => a.stated > from && a.stated <= to)
    const most = Math.max(1, inside.length)
    return {
      from,
      to,
      cases: inside.length,
      meanStated: inside.reduce((sum, a) => sum + a.stated, 0) / most,
      right: inside.filter((a) => a.right).length / most,
    }
  })
}

/** Expected calibration error: mean |stated − right| over the bins, weighted by their cases. */
export function calibrationError(bins: readonly CalibrationBin[], cases: number): number {
  return bins.reduce((sum, b) => sum + (b.cases / Math.max(1, cases)) * Math.abs(b.meanStated - b.right), 0)
}
