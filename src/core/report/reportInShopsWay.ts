import type { Decimals } from '../units/decimals'
import { withDecimals } from '../units/decimals'
import type { TrayReport } from './Report'

/** The same report with its figures as the shop writes them. */
export function reportInShopsWay(report: TrayReport, decimals: Decimals): TrayReport {
  return {
    ...report,
    sections: report.sections.map((section) => ({
      ...section,
      lines: section.lines.map((line) => ({ ...line, words: withDecimals(line.words, decimals) })),
    })),
    notes: report.notes.map((note) => withDecimals(note, decimals)),
  }
}
