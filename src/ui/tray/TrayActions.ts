import type { Refusal } from '@/services/boundary'
import type { ReadingResult } from '@/services/takeReading'
import type { TrayView } from '@/services/trayView'

export type ViewResult = { ok: true; view: TrayView } | Refusal

/** What the tray page can ask of the server; given to it by its route. */
export interface TrayActions {
  readonly takeReading: (input: unknown) => Promise<ReadingResult>
  readonly takeBackReading: (input: unknown) => Promise<ViewResult>
  readonly pickPair: (input: unknown) => Promise<ViewResult>
  readonly logPressRun: (tools: unknown, input: unknown) => Promise<ViewResult>
  readonly moveTray: (input: unknown) => Promise<ViewResult>
}
