import type { InsertStands } from '@/core/bezel/insertStand'
import type { CaseSheet } from '@/core/tray/CaseSheet'
import type { DimensionId } from '@/core/readings/dimensions'
import type { TrayView } from '@/services/tray/trayView'
import type { FigureState } from '../small/StateMark'

/** What the section is drawn from: a tray, or a case sheet alone. */
export interface SectionSource {
  readonly sheet: CaseSheet
  readonly readout: TrayView['readout']
  readonly tray: Pick<TrayView['tray'], 'crystalState' | 'gasketPresent'>
  /** the case as it came in, where it will be closed with another bezel */
  readonly asFound: Pick<SectionSource, 'sheet' | 'readout'> | null
  /** how its insert stands; null where it has none, or nothing of it is known */
  readonly insertStands: InsertStands | null
}

export interface SectionLabel {
  /** what a click measures next; null for figures that follow from others */
  readonly dimension: DimensionId | null
  readonly title: string
  readonly value: string
  /** what is wanted of the figure, under it where there is room */
  readonly note?: string
  readonly state: FigureState
  readonly tone: 'plain' | 'good' | 'attention' | 'stop'
  readonly place: 'left' | 'right' | 'top' | 'bottom'
  /** what it points at: signed r (found half negative) and z, mm */
  readonly anchor: readonly [rMm: number, zMm: number]
}
