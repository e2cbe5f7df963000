import { mean, median } from 'simple-statistics'
import type { BlankRun } from './DryRecord'
import { LEAST_BLANK_S, LEAST_BLANK_SAMPLES } from './driftOf'
import type { DryRow } from './DryTrace'

/** Pressure stands from this share of its highest on, and is let go below the other. */
const STANDS_FROM = 0.95
const LET_GO_BELOW = 0.9
/** Less than this share of it is none. */
const NONE_BELOW = 0.02
/** So many samples before the pressure say how it lay. */
const LAY_BY = 5
/** A tester that shows about this before it pumps shows absolute pressure, bar. */
const [AIR_FROM, AIR_TO] = [0.85, 1.15]
/** A gap so many times as long as usual, and this long, is a stop, s. */
const GAP_TIMES = 5
const LEAST_GAP_S = 10

/** A record taken apart by its own pressure. */
export interface DryPhases {
  /** before the pressure, at rest as long as under it or longer: a blank run by itself; null where it is shorter */
  readonly rest: BlankRun | null
  /** while it stood, from how it lay before */
  readonly standing: BlankRun
  /** that stood, against the air around; null where no pressure was sent */
  readonly pressureBar: number | null
  /** why it ends where it does, in words; null where that was its own end */
  readonly trouble: string | null
}

/** Takes a record apart: at rest, standing under pressure, let go. Without pressures all of it is taken as standing. */
export function phasesOf(all: readonly DryRow[]): DryPhases {
  const { rows, trouble } = untilStop(all)
  const pressures = againstAir(rows)
  const times = rows.map(([tS]) => tS)
  const shown = rows.map(([, , um]) => um)
  const whole = { rest: null, standing: run(times, shown, 0, rows.length, 0), pressureBar: null, trouble }
  if (pressures === null) return whole
  const most = Math.max(...pressures.map(Math.abs))
  if (most === 0) return whole
  const from = pressures.findIndex((bar) => Math.abs(bar) >= STANDS_FROM * most)
  const after = pressures.findIndex((bar, i) => i > from && Math.abs(bar) < LET_GO_BELOW * most)
  const to = after === -1 ? rows.length : after
  const begun = pressures.findIndex((bar) => Math.abs(bar) > NONE_BELOW * most)
  const lay = shown.slice(Math.max(0, begun - LAY_BY), begun)
  const rest = run(times, shown, 0, Math.max(0, begun), shown[0] ?? 0)
  const standing = run(times, shown, from, to, lay.length > 0 ? mean(lay) : 0)
  return {
    rest: begun > 0 && lasts(rest) >= lasts(standing) ? blankOf(rest) : null,
    standing,
    pressureBar: median(pressures.slice(from, to)),
    trouble,
  }
}

function run(
  times: readonly number[],
  shown: readonly number[],
  from: number,
  to: number,
  zeroUm: number,
): BlankRun {
  const start = times[from] ?? 0
  return {
    timesS: times.slice(from, to).map((t) => t - start),
    shownUm: shown.slice(from, to).map((um) => um - zeroUm),
  }
}

function lasts({ timesS }: BlankRun): number {
  return timesS.at(-1) ?? 0
}

/** What is long enough to tell a drift. @returns null for what is not */
export function blankOf(of: BlankRun): BlankRun | null {
  const isEnough = of.timesS.length >= LEAST_BLANK_SAMPLES && lasts(of) >= LEAST_BLANK_S
  return isEnough ? of : null
}

/** Pressures against the air around; null where one was not sent. */
function againstAir(rows: readonly DryRow[]): number[] | null {
  const bars = rows.map(([, bar]) => bar).filter((bar) => bar !== null)
  if (bars.length < rows.length) return null
  const [first = 0] = bars
  const isAbsolute = first >= AIR_FROM && first <= AIR_TO && bars.some((bar) => Math.abs(bar - first) > 0.3)
  return isAbsolute ? bars.map((bar) => bar - first) : bars
}

function untilStop(rows: readonly DryRow[]): { rows: readonly DryRow[]; trouble: string | null } {
  const gaps = rows.slice(1).map(([tS], i) => tS - (rows[i]?.[0] ?? 0))
  if (gaps.length === 0) return { rows, trouble: null }
  const least = Math.max(LEAST_GAP_S, GAP_TIMES * median(gaps))
  const at = gaps.findIndex((gap) => gap > least)
  if (at === -1) return { rows, trouble: null }
  const stopped = Math.round(rows[at]?.[0] ?? 0)
  return {
    rows: rows.slice(0, at + 1),
    trouble: `The tester fell silent after ${stopped} s, for ${Math.round(gaps[at] ?? 0)} s: what came later counts for nothing.`,
  }
}
