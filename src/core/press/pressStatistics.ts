import type { FailureCause } from './pressOutcomes'

/** A logged press, as far as it is counted. */
export interface CountedRun {
  /** it did what it was for */
  readonly good: boolean
  /** it broke, marked or lost something */
  readonly failed: boolean
  readonly cause: FailureCause | null
  readonly pusher: string | null
  readonly support: string | null
  /** the kind of ring a crystal went into: “nylon I”; null where there was none */
  readonly ring: string | null
  /** N; null where nothing measured it */
  readonly forceN: number | null
}

export interface PressStatistics {
  readonly runs: number
  readonly good: number
  /** failures by what they were put down to, the most first */
  readonly causes: readonly { readonly cause: FailureCause; readonly count: number }[]
  /** dies by how often they were used, the most first; how often a failure was put down to the die */
  readonly dies: readonly { readonly code: string; readonly runs: number; readonly blamed: number }[]
  /** force that a kind of ring asked where it went home, the most runs first */
  readonly rings: readonly {
    readonly ring: string
    readonly runs: number
    readonly meanN: number
    /** null with one run */
    readonly standardDeviationN: number | null
  }[]
}

/** Breakages by cause, dies by use, force by ring. */
export function pressStatistics(runs: readonly CountedRun[]): PressStatistics {
  const failed = runs.filter((run) => run.failed)
  return {
    runs: runs.length,
    good: runs.filter(({ good }) => good).length,
    causes: grouped(failed, ({ cause }) => cause ?? 'unknown').map(([cause, those]) => ({
      cause,
      count: those.length,
    })),
    dies: grouped(
      runs.flatMap((run) =>
        [run.pusher, run.support].flatMap((code) => (code === null ? [] : [{ code, run }])),
      ),
      ({ code }) => code,
    ).map(([code, those]) => ({
      code,
      runs: those.length,
      blamed: those.filter(({ run }) => run.failed && run.cause === 'die').length,
    })),
    rings: grouped(
      runs.flatMap(({ good, ring, forceN }) =>
        good && ring !== null && forceN !== null ? [{ ring, forceN }] : [],
      ),
      ({ ring }) => ring,
    ).map(([ring, those]) => ({ ring, runs: those.length, ...spread(those.map(({ forceN }) => forceN)) })),
  }
}

function grouped<T, K extends string>(items: readonly T[], keyOf: (item: T) => K): [K, T[]][] {
  const groups = new Map<K, T[]>()
  for (const item of items) groups.set(keyOf(item), [...(groups.get(keyOf(item)) ?? []), item])
  return [...groups].sort(([a, those], [b, others]) => others.length - those.length || (a < b ? -1 : 1))
}

function spread(forces: readonly number[]) {
  const meanN = forces.reduce((sum, force) => sum + force, 0) / forces.length
  const squares = forces.reduce((sum, force) => sum + (force - meanN) ** 2, 0)
  return { meanN, standardDeviationN: forces.length < 2 ? null : Math.sqrt(squares / (forces.length - 1)) }
}
