import type { Refusal } from '@/services/boundary'
import type { ReadingResult } from '@/services/takeReading'
import type { TrayView } from '@/services/trayView'

export type ViewResult = { ok: true; view: TrayView } | Refusal

/** What the tray page can ask of the server; given to it by its route. */
export interface TrayActions {
  takeReading(input: unknown): Promise<ReadingResult>
  takeBackReading(input: unknown): Promise<ViewResult>
  pickPair(input: unknown): Promise<ViewResult>
  logPressRun(tools: unknown, input: unknown): Promise<ViewResult>
  moveTray(input: unknown): Promise<ViewResult>
}
