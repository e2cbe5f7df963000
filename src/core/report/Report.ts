import type { DryPlot } from '../dry-test/dryPlot'

/** How a line of a report stands: `plain` is only told, the others tell of work. */
export type ReportMark = 'plain' | 'done' | 'left-out' | 'open'

export const REPORT_MARK_WORDS: Readonly<Record<Exclude<ReportMark, 'plain'>, string>> = {
  done: 'done',
  'left-out': 'left out',
  open: 'open',
}

export interface ReportLine {
  /** what it is about: a dimension, a part, a stage */
  readonly what: string
  readonly words: string
  readonly mark: ReportMark
  /** when, ISO time; null where no time is kept with it */
  readonly at: string | null
}

export interface ReportSection {
  readonly title: string
  readonly lines: readonly ReportLine[]
  /** what stands there while it has no line */
  readonly none: string
}

/** What became of a tray, for its owner and for the shop: the same on paper and on the screen. */
export interface TrayReport {
  /** of the last dry test; null where none was recorded */
  readonly plot: DryPlot | null
  readonly sections: readonly ReportSection[]
  /** what the figures and proofs say, and what they do not */
  readonly notes: readonly string[]
}

export function told(what: string, words: string, at: string | null = null): ReportLine {
  return { what, words, mark: 'plain', at }
}
