import { formatMm } from '../units/formatMm'

/** Water resistance as stated on dial or back. A statement, not a promise: only a test at a date is one. */
export interface WaterClass {
  /** pressure stated, bar; null where none is */
  readonly classBar: number | null
  /** stated as a diver's watch */
  readonly diver: boolean
}

/** A diver's watch states this at least, bar. Source: ISO 6425. */
const DIVER_BAR = 10
/** A diver's watch is tested at this much of its own class; any other at the class itself. Source: ISO 6425; ISO 22810. */
const DIVER_OVERPRESSURE = 1.25

export const LEAST_CLASS_BAR = 1
export const MOST_CLASS_BAR = 1250

/** What a piece has to stand. */
export interface TestPressure {
  readonly bar: number
  /** true where the class behind it was not stated in bar, and the least of its kind is taken */
  readonly assumed: boolean
  /** how it comes about, to stand beside a figure */
  readonly words: string
}

/** The pressure a piece is judged and tested at; null where no class is stated. */
export function testPressure({ classBar, diver }: WaterClass): TestPressure | null {
  const ratedBar = classBar ?? (diver ? DIVER_BAR : null)
  if (ratedBar === null) return null
  const assumed = classBar === null
  const bar = diver ? ratedBar * DIVER_OVERPRESSURE : ratedBar
  const rated = `${barText(ratedBar)}${assumed ? ', assumed' : ''}`
  return {
    bar,
    assumed,
    words: diver ? `${barText(bar)}, 125\u00A0% of a diver’s ${rated}` : rated,
  }
}

/** The class as it is said: “diver, 20 bar stated”. */
export function classWords({ classBar, diver }: WaterClass): string {
  if (classBar === null) return diver ? `diver, ${barText(DIVER_BAR)} assumed` : 'no water class stated'
  return `${diver ? 'diver, ' : ''}${barText(classBar)} stated`
}

/** True where a class is stated at all. */
export function isClassStated({ classBar, diver }: WaterClass): boolean {
  return diver || classBar !== null
}

function barText(bar: number): string {
  return `${formatMm(bar, Number.isInteger(bar) ? 1 : 0.1)} bar`
}
