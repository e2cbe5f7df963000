import { formatMm } from '../units/formatMm'
import type { DryJudgement } from './judgeDryTest'

/** Figures of a flow that mean something. */
const DIGITS = 3

/** A flow in so many digits as mean something, without its unit. */
export function flowText(ugPerMin: number): string {
  if (!Number.isFinite(ugPerMin)) return 'no'
  const size = 10 ** (Math.floor(Math.log10(Math.max(1, ugPerMin))) - DIGITS + 1)
  const step = Math.max(1, size)
  return formatMm(Math.round(ugPerMin / step) * step, 1)
}

/** From here on times are told in minutes, s. */
const IN_MINUTES_FROM = 180
const MINUTE = 60

/** A time somebody has to wait, at least: rounded up. */
export function waitText(seconds: number): string {
  return seconds < IN_MINUTES_FROM ? `${Math.ceil(seconds)} s` : `${Math.ceil(seconds / MINUTE)} min`
}

/** A time something lasted: never told longer than it was. */
export function lastedText(seconds: number): string {
  const whole = Math.floor(seconds)
  if (whole < IN_MINUTES_FROM) return `${whole} s`
  const rest = whole % MINUTE
  return `${Math.floor(whole / MINUTE)} min${rest === 0 ? '' : ` ${rest} s`}`
}

/** What a dry test says, in a line: “tight: 8 µg/min of air, at most 50”. */
export function dryWords(judged: DryJudgement, limitUgPerMin: number): string {
  const { verdict, flow, isOpen } = judged
  const limit = flowText(limitUgPerMin)
  if (isOpen) return 'wide open: the pressure was through at once'
  if (verdict === 'pass') return `tight: under ${flowText(flow.high)} µg/min of air, at most ${limit} allowed`
  if (verdict === 'fail') return `leaks: ${flowText(flow.middle)} µg/min of air, at most ${limit} allowed`
  return `cannot tell: ${DOUBT_WORDS[judged.doubt ?? 'too-short']}`
}

const DOUBT_WORDS: Readonly<Record<NonNullable<DryJudgement['doubt']>, string>> = {
  'never-went-in': 'the case never went in',
  drift: 'the tester’s own drift hides the limit',
  'too-short': 'the record is too short',
  'near-the-limit': 'the leak lies at the limit',
}

/** What to do about a record that decides nothing; null where it does. */
export function dryAdvice(judged: DryJudgement, blankRuns: number, leastBlankRuns: number): string | null {
  const { doubt, lengthNeededS, judgedForS } = judged
  switch (doubt) {
    case null:
      return null
    case 'never-went-in':
      return 'Tight and stiff, or open from the first: nobody has seen how far this case goes in. Test it at a lower pressure as well, or one like it that is known to be tight.'
    case 'near-the-limit':
      return 'Test once more, longer; if it stays, look for the leak as for one that fails.'
    case 'drift':
      return blankRuns < leastBlankRuns
        ? `No more than ${blankRuns} of ${leastBlankRuns} blank runs: make a blank run with a piece that cannot leak, or the case at rest before the pressure. A slow leak and a drift are one line.`
        : 'The blank runs differ too much: let the tester stand until it is as warm as the bench, then make new ones.'
    case 'too-short':
      return lengthNeededS === null
        ? 'Measure longer.'
        : `It takes ${waitText(lengthNeededS)}; this one was judged by ${lastedText(judgedForS)}.`
  }
}
