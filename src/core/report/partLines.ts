import type { TrailLine } from '../trail/partsTrail'
import { missingText } from '../trail/partsTrail'
import { partsText } from '../trail/parts'
import type { ReportLine } from './Report'

/** What came off, by what became of it, in the order it came off: what went back on is one line, what did not has a reason. */
export function partLines(trail: readonly TrailLine[]): ReportLine[] {
  const stillOff = trail.filter(({ open }) => open > 0)
  return [
    ...together('Back on', trail, 'back'),
    ...together('Renewed', trail, 'renewed'),
    ...trail
      .filter(({ leftOff }) => leftOff > 0)
      .map((line): ReportLine => ({
        what: 'Left off',
        words: `${partsText(line.part, line.leftOff, line.size)}: “${line.reason}”`,
        mark: 'left-out',
        at: null,
      })),
    ...(stillOff.length === 0
      ? []
      : [{ what: 'Still off', words: missingText(stillOff), mark: 'open' as const, at: null }]),
  ]
}

function together(what: string, trail: readonly TrailLine[], of: 'back' | 'renewed'): ReportLine[] {
  const words = trail
    .filter((line) => line[of] > 0)
    .map((line) => partsText(line.part, line[of], line.size))
    .join(', ')
  return words === '' ? [] : [{ what, words, mark: 'done', at: null }]
}
