import type { MovementKind } from '../construction/kinds'
import { COVERAGE_FACTOR } from '../measure/coverageFactor'
import { capital } from '../units/capital'
import { formatMm, formatSignedMm } from '../units/formatMm'
import type { Rate } from './rateByClock'
import { rateByClock } from './rateByClock'
import type { RunningCheck } from './RunningCheck'
import type { RunningPolicy } from './runningPolicy'

/** How a movement runs by what was written down last. */
export interface StandingRunning {
  /** “gains 7.1 ±1.4 s a day”; empty while only a start is kept */
  readonly words: string
  /** what is wrong or not known, with what to do, a sentence each */
  readonly notes: readonly string[]
  /** within its limits and surely so; null while nothing tells */
  readonly isRight: boolean | null
  /** compared with a clock and not a second time yet: since when, ISO time; null where none runs */
  readonly since: string | null
  /** ISO time of the last of it */
  readonly at: string
}

/** Rates are written to the tenth of a second where their doubt is under ten. */
const [LEAST_DIGIT, FINE_DIGIT] = [1, 0.1]

/** How a movement runs. @param checks - oldest first @returns null where nothing was written down */
export function standingRunning(
  checks: readonly RunningCheck[],
  movement: MovementKind,
  policy: RunningPolicy,
): StandingRunning | null {
  const last = checks.at(-1)
  if (!last) return null
  const at = last.at.toISOString()
  const clock = byClock(checks, limitOf(movement, policy))
  const machine = onMachine(checks, limitOf(movement, policy), policy)
  const told = [clock, machine].filter((one) => one !== null)
  return {
    at,
    words: told.map(({ words }) => words).join('; '),
    notes: told.flatMap(({ notes }) => notes),
    isRight: told.length === 0 ? null : told.every(({ isRight }) => isRight),
    since: startOf(checks)?.at.toISOString() ?? null,
  }
}

interface Told {
  readonly words: string
  readonly notes: readonly string[]
  readonly isRight: boolean
}

function limitOf(movement: MovementKind, policy: RunningPolicy): number {
  return movement === 'mechanical' ? policy.mechanicalSPerDay : policy.quartzSPerDay
}

/** The look at a clock that waits for its second one. */
function startOf(checks: readonly RunningCheck[]): RunningCheck | null {
  const last = checks.findLast(({ kind }) => kind !== 'machine')
  return last?.kind === 'start' ? last : null
}

function byClock(checks: readonly RunningCheck[], limit: number): Told | null {
  const endAt = checks.findLastIndex(({ kind }) => kind === 'end')
  const end = checks[endAt]
  const start = checks.slice(0, Math.max(0, endAt)).findLast(({ kind }) => kind === 'start')
  if (!start || !end || end.at <= start.at) return null
  const rate = rateByClock(
    { aheadS: start.aheadS ?? 0, at: start.at },
    { aheadS: end.aheadS ?? 0, at: end.at },
  )
  const around = COVERAGE_FACTOR * rate.standardUncertainty
  const most = Math.abs(rate.sPerDay)
  const isRight = most + around <= limit
  return {
    words: `${rateWords(rate)} by the clock`,
    notes: isRight
      ? []
      : [
          most - around > limit
            ? `More than ${limit} s a day: tell the owner, or have the movement regulated.`
            : `So short a run does not tell it from ${limit} s a day: compare once more after a longer one.`,
        ],
    isRight,
  }
}

/** Each position by its last look. */
function onMachine(checks: readonly RunningCheck[], limit: number, policy: RunningPolicy): Told | null {
  const last = new Map(
    checks.flatMap((check) => (check.position === null ? [] : [[check.position, check] as const])),
  )
  if (last.size === 0) return null
  const all = [...last.values()]
  const notes = all.flatMap(({ position, rateSPerDay, amplitudeDeg, beatErrorMs, currentUa }) => {
    const where = (position ?? '').replace('-', ' ')
    return [
      Math.abs(rateSPerDay ?? 0) > limit && `${capital(where)}: more than ${limit} s a day.`,
      amplitudeDeg !== null &&
        amplitudeDeg < policy.leastAmplitudeDeg &&
        `${capital(where)}: amplitude ${amplitudeDeg}°, at least ${policy.leastAmplitudeDeg}° after a full wind: the oil may be old. Say it to the owner; nothing in the case mends it.`,
      beatErrorMs !== null &&
        beatErrorMs > policy.mostBeatErrorMs &&
        `${capital(where)}: beat error ${formatMm(beatErrorMs, FINE_DIGIT)} ms, at most ${policy.mostBeatErrorMs}.`,
      currentUa !== null &&
        currentUa > policy.mostCurrentUa &&
        `${capital(where)}: draws ${formatMm(currentUa, FINE_DIGIT)} µA, at most ${policy.mostCurrentUa}: something drags or shorts, or the maker allows more. The cell will not last.`,
    ].filter((note) => note !== false)
  })
  return {
    words: all
      .map(
        ({ position, rateSPerDay, amplitudeDeg, currentUa }) =>
          `${(position ?? '').replace('-', ' ')} ${formatSignedMm(rateSPerDay ?? 0, FINE_DIGIT)} s/d${amplitudeDeg === null ? '' : `, ${amplitudeDeg}°`}${currentUa === null ? '' : `, ${formatMm(currentUa, FINE_DIGIT)} µA`}`,
      )
      .join('; '),
    notes,
    isRight: notes.length === 0,
  }
}

/** “gains 7.1 ±1.4 s a day” */
export function rateWords({ sPerDay, standardUncertainty }: Rate): string {
  const around = COVERAGE_FACTOR * standardUncertainty
  const digit = around < LEAST_DIGIT * 10 ? FINE_DIGIT : LEAST_DIGIT
  const amount = formatMm(Math.abs(sPerDay), digit)
  const doubt = `±${formatMm(around, digit)} s a day`
  if (Number(amount) === 0) return `keeps time within ${doubt}`
  return `${sPerDay > 0 ? 'gains' : 'loses'} ${amount} ${doubt}`
}
