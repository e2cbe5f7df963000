/** Values of a record by the columns they are kept in. */
export type RowValues = Readonly<Record<string, unknown>>

/** What was done to one record. */
export interface Change {
  readonly id: number
  readonly at: Date
  /** null where nobody was named */
  readonly by: string | null
  /** the action, by its name in the code; null where a program did it */
  readonly doing: string | null
  readonly tableName: string
  readonly rowId: number
  readonly trayId: number | null
  readonly kind: 'added' | 'changed' | 'removed'
  /** what changed, or all of what was removed, as it was */
  readonly was: RowValues | null
  /** what changed, as it is since */
  readonly now: RowValues | null
}

/** What was done at once, by one person in one action. */
export interface Act {
  readonly at: Date
  readonly by: string | null
  readonly doing: string | null
  /** in the order they were made */
  readonly changes: readonly Change[]
}
