import type { TrayRow } from '@/data/queries/trays'
import type { OpenedCase } from './openTrayCases'

/** A tray as it was taken in; times as ISO text. */
export interface TrayHeader extends Omit<
  TrayRow['tray'],
  'caseSheetId' | 'ownerId' | 'openedAt' | 'dueAt' | 'finishedAt'
> {
  readonly openedAt: string
  readonly dueAt: string
  readonly finishedAt: string | null
  readonly owner: string
  readonly caseName: string
}

export function trayHeader({ tray, owner, sheet }: OpenedCase['kept']): TrayHeader {
  const { caseSheetId, ownerId, ...taken } = tray
  return {
    ...taken,
    openedAt: tray.openedAt.toISOString(),
    dueAt: tray.dueAt.toISOString(),
    finishedAt: tray.finishedAt?.toISOString() ?? null,
    owner: owner.name,
    caseName: `${sheet.maker} ${sheet.reference}`,
  }
}
