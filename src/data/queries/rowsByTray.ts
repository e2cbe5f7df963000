/** Rows under the tray each belongs to, in their order; every tray asked for has a list. */
export function rowsByTray<T extends { readonly trayId: number }>(
  trayIds: readonly number[],
  rows: readonly T[],
): Map<number, T[]> {
  const byTray = new Map<number, T[]>(trayIds.map((id) => [id, []]))
  for (const row of rows) byTray.get(row.trayId)?.push(row)
  return byTray
}
