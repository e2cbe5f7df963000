/** What a page of a tray knows of it. */
export interface SeenTray {
  /** made by the page as it was loaded */
  readonly page: string
  /** revision of the tray as the page shows it */
  readonly revision: number
}

/**
 * True where somebody else changed a tray since a page last saw it: of the changes since then not all are the page's own.
 * @param revision - of the tray now
 * @param own - how many of the changes since the one it saw the page made itself
 */
export function isStale(seen: SeenTray, revision: number, own: number): boolean {
  return revision - seen.revision > own
}

export const CHANGED_ELSEWHERE =
  'This tray was changed elsewhere since it was drawn here. It is shown as it is now: look, then do it again if it still holds.'
