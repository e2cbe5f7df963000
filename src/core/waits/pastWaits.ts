import { median } from 'simple-statistics'
import { minutesText } from '../units/minutesText'

/** How long a wait really took on another piece of the same case, from its step to the word that it was over. */
export interface PastWait {
  /** id of its step */
  readonly step: string
  readonly minutes: number
  readonly trayNumber: number
}

/** What earlier pieces of a case say of one wait. */
export interface WaitBefore {
  /** the middle one of them, whole minutes: one that was forgotten over night moves it little */
  readonly minutes: number
  readonly pieces: number
  /** the newest of them */
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

/** “took 1 h 5 min on tray 205”, “took 1 h 5 min, the middle of 3 pieces, last on tray 205”. */
export function waitBeforeText({ minutes, pieces, trayNumber }: WaitBefore): string {
  const took = `took ${minutesText(minutes)}`
  return pieces === 1
    ? `${took} on tray ${trayNumber}`
    : `${took}, the middle of ${pieces} pieces, last on tray ${trayNumber}`
}
