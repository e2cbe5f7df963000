/** Rows under the tray each belongs to, in their order; every tray asked for has a list. */
export function rowsByTray<T extends { readonly trayId: number }>(
  trayIds: readonly number[],
  rows: readonly T[],
): Map<number, T[]> {
  return rowsUnder(trayIds, rows, ({ trayId }) => trayId)
}

/** Rows under the case sheet each belongs to, in their order; every sheet asked for has a list. */
export function rowsBySheet<T extends { readonly caseSheetId: number }>(
  caseSheetIds: readonly number[],
  rows: readonly T[],
): Map<number, T[]> {
  return rowsUnder(caseSheetIds, rows, ({ caseSheetId }) => caseSheetId)
}

function rowsUnder<T>(
  ids: readonly number[],
  rows: readonly T[],
  idOf: (row: T) => number,
): Map<number, T[]> {
  const byId = new Map<number, T[]>(ids.map((id) => [id, []]))
  for (const row of rows) byId.get(idOf(row))?.push(row)
  return byId
}
