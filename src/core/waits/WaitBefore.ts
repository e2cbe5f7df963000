import { minutesText } from '../units/minutesText'

/** What earlier pieces of a case say of one wait. */
export interface WaitBefore {
  /** the middle one of them, whole minutes: one that was forgotten over night moves it little */
  readonly minutes: number
  readonly pieces: number
  /** the newest of them */
  readonly trayNumber: number
}

/** “took 1 h 5 min on tray 205”, “took 1 h 5 min, the middle of 3 pieces, last on tray 205”. */
export function waitBeforeText({ minutes, pieces, trayNumber }: WaitBefore): string {
  const took = `took ${minutesText(minutes)}`
  return pieces === 1
    ? `${took} on tray ${trayNumber}`
    : `${took}, the middle of ${pieces} pieces, last on tray ${trayNumber}`
}
