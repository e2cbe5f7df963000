/** The figures weigh as much as this many runs. From memory. */
const PRIOR_RUNS = 4

/** How a pairing has fared in a case before. */
export interface PastFittings {
  /** went home */
  readonly good: number
  readonly failed: number
}

/**
 * The chance that a pairing holds, the case's own history weighed against what the figures say.
 * @param byFigures - 0…1
 * @source mean of a beta distribution whose prior is worth four runs: (w·p0 + s)/(w + s + f)
 * @example learnedChance(0.84, { good: 13, failed: 2 }) // 0.861
 */
export function learnedChance(byFigures: number, { good, failed }: PastFittings): number {
  return (PRIOR_RUNS * byFigures + good) / (PRIOR_RUNS + good + failed)
}

/** Mean and standard deviation of a figure that good runs had, with how many they were. */
export interface LearnedSpread {
  readonly mean: number
  readonly standardDeviation: number
  readonly runs: number
}

/**
 * What good runs have shown of a figure, drawn towards what the handbook says while they are few.
 * @param handbook - mean and standard deviation, in the figure's own unit
 * @param shown - the figure of every good run
 * @source mean and variance of a normal–inverse-gamma posterior whose prior is worth four runs
 */
export function learnedSpread(
  handbook: { readonly mean: number; readonly standardDeviation: number },
  shown: readonly number[],
): LearnedSpread {
  const runs = shown.length
  if (runs === 0) return { ...handbook, runs }
  const own = shown.reduce((sum, x) => sum + x, 0) / runs
  const squares = shown.reduce((sum, x) => sum + (x - own) ** 2, 0)
  const apart = (PRIOR_RUNS * runs * (own - handbook.mean) ** 2) / (PRIOR_RUNS + runs)
  const variance = (PRIOR_RUNS * handbook.standardDeviation ** 2 + squares + apart) / (PRIOR_RUNS + runs)
  return {
    mean: (PRIOR_RUNS * handbook.mean + runs * own) / (PRIOR_RUNS + runs),
    standardDeviation: Math.sqrt(variance),
    runs,
  }
}
