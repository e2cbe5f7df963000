import type { TrayCase } from '../tray/trayCase'
import type { ReportLine } from './Report'

/** How the movement ran when it was compared. */
export function runningLines({ running }: TrayCase): ReportLine[] {
  if (!running || running.words === '') return []
  const { words, isRight, at } = running
  return [{ what: 'Running', words, mark: isRight ? 'done' : 'open', at }]
}
