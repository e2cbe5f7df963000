import { stageLabel } from '@/core/stages/stages'
import type { TrayView } from '@/services/tray/trayView'

/** What somebody else did to a tray since a page drew it, in words: “stage Match, was Clean; 2 readings more”. */
export function changedElsewhere(before: TrayView, now: TrayView): string {
  const standing = ({ readings }: TrayView) => readings.filter((one) => one.voidReason === null).length
  const ticked = ({ job }: TrayView) => Object.keys(job.ticks).length
  const off = ({ job }: TrayView) => job.trail.lines.reduce((sum, line) => sum + line.open, 0)
  return [
    handedBack(before) === handedBack(now) ? '' : handedBack(now) ? 'handed back' : 'reopened',
    before.tray.stage === now.tray.stage
      ? ''
      : `stage ${stageLabel(now.tray.stage)}, was ${stageLabel(before.tray.stage)}`,
    moreOf(standing(now) - standing(before), 'reading'),
    moreOf(ticked(now) - ticked(before), 'tick'),
    moreOf(off(now) - off(before), 'part', ' off'),
  ]
    .filter(Boolean)
    .join('; ')
}

function handedBack({ tray }: TrayView): boolean {
  return tray.finishedAt !== null
}

function moreOf(change: number, what: string, where = ''): string {
  if (change === 0) return ''
  const count = Math.abs(change)
  return `${count} ${what}${count === 1 ? '' : 's'} ${change > 0 ? 'more' : 'fewer'}${where}`
}
