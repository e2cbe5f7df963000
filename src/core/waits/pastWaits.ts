import { median } from 'simple-statistics'
import type { WaitBefore } from './WaitBefore'

/** How long a wait really took on another piece of the same case, from its step to the word that it was over. */
export interface PastWait {
  /** id of its step */
  readonly step: string
  readonly minutes: number
  readonly trayNumber: number
}

/**
 * What earlier pieces say of each wait, by its step.
 * @param past - the newest first
 */
export function waitsBefore(past: readonly PastWait[]): Readonly<Record<string, WaitBefore>> {
  const before: Record<string, WaitBefore> = {}
  for (const { step, trayNumber } of past) {
    if (before[step]) continue
    const minutes = past.filter((wait) => wait.step === step).map((wait) => wait.minutes)
    before[step] = { minutes: Math.round(median(minutes)), pieces: minutes.length, trayNumber }
  }
  return before
}
