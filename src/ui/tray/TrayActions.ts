import type { Refusal } from '@/services/boundary'
import type { UpgradesFound } from '@/services/tray/compareUpgrades'
import type { PhotoGaugeSettings } from '@/services/tray/photoGauge'
import type { ReadingResult } from '@/services/tray/takeReading'
import type { TrayView } from '@/services/tray/trayView'

export type ViewResult = { ok: true; view: TrayView } | Refusal

/** What the tray page can ask of the server; given to it by its route. */
export interface TrayActions {
  readonly takeReading: (input: unknown) => Promise<ReadingResult>
  readonly takeBackReading: (input: unknown) => Promise<ViewResult>
  readonly pickPair: (input: unknown) => Promise<ViewResult>
  readonly compareUpgrades: (input: unknown) => Promise<UpgradesFound | Refusal>
  readonly takeOut: (input: unknown) => Promise<ViewResult>
  readonly putBack: (input: unknown) => Promise<ViewResult>
  readonly logPressRun: (tools: unknown, input: unknown) => Promise<ViewResult>
  readonly moveTray: (input: unknown) => Promise<ViewResult>
  readonly tickTray: (input: unknown) => Promise<ViewResult>
  readonly chooseSchool: (input: unknown) => Promise<ViewResult>
  readonly recordOff: (input: unknown) => Promise<ViewResult>
  readonly answerOff: (input: unknown) => Promise<ViewResult>
  readonly undoTrail: (input: unknown) => Promise<ViewResult>
  readonly startMethod: (input: unknown) => Promise<ViewResult>
  readonly endMethod: (input: unknown) => Promise<ViewResult>
  readonly noteFinding: (input: unknown) => Promise<ViewResult>
  readonly takeBackNote: (input: unknown) => Promise<ViewResult>
  readonly removePhoto: (input: unknown) => Promise<ViewResult>
  readonly correctIntake: (trayId: number, input: unknown) => Promise<ViewResult>
  readonly takeShape: (input: unknown) => Promise<ViewResult>
  readonly takeBackShape: (input: unknown) => Promise<ViewResult>
  readonly photoGaugeSettings: () => Promise<PhotoGaugeSettings>
  readonly takePhotoSize: (input: unknown) => Promise<ViewResult>
  readonly weighPast: (input: unknown) => Promise<ViewResult>
  readonly trayView: (number: number) => Promise<ViewResult>
}
