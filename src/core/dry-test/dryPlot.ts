import { driftAt } from './driftShapes'
import { timeConstantS } from './leakFlow'
import type { StandingDryTest } from './standingDryTest'

/** A point of a plot. */
export type PlotPoint = readonly [tS: number, um: number]

/** A dry test as it is drawn: what was shown, what explains it, what a case at the limit would have shown. */
export interface DryPlot {
  readonly shown: readonly PlotPoint[]
  readonly fit: readonly PlotPoint[]
  readonly atLimit: readonly PlotPoint[]
  /** shown less fit */
  readonly off: readonly PlotPoint[]
  /** what came later was not judged, s */
  readonly judgedForS: number
  readonly limitUgPerMin: number
}

const MOST_POINTS = 240
const CURVE_POINTS = 80

/** @param limitUgPerMin - of the leak that is allowed */
export function dryPlot({ read, known, judged }: StandingDryTest, limitUgPerMin: number): DryPlot {
  const { timesS, deformationUm } = read
  const { tauS, deformationUm: wentIn, umPerS } = judged.likeliest
  const lastS = timesS.at(-1) ?? 0
  const knownForS = known.drift?.knownForS ?? lastS
  const untilS = Math.min(lastS, judged.judgedForS)
  const fitAt = (t: number) => wentIn * Math.exp(-t / tauS) + driftAt(t, umPerS, knownForS)
  const usual = known.drift?.umPerS ?? umPerS.map(() => 0)
  const tauAtLimitS = timeConstantS(limitUgPerMin, read.air)
  const limitAt = (t: number) => wentIn * Math.exp(-t / tauAtLimitS) + driftAt(t, usual, knownForS)
  const curve = (at: (t: number) => number) =>
    Array.from({ length: CURVE_POINTS + 1 }, (_, i): PlotPoint => {
      const t = (untilS * i) / CURVE_POINTS
      return [t, at(t)]
    })
  const each = Math.ceil(timesS.length / MOST_POINTS)
  const shown = timesS.map((t, i): PlotPoint => [t, deformationUm[i] ?? 0]).filter((_, i) => i % each === 0)
  return {
    shown,
    fit: curve(fitAt),
    atLimit: curve(limitAt),
    off: shown.filter(([t]) => t <= untilS).map(([t, um]): PlotPoint => [t, um - fitAt(t)]),
    judgedForS: untilS,
    limitUgPerMin,
  }
}
