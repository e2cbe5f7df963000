/** Asks a database; the same on both engines. Values come as text or numbers, bytes as bytes. */
export type Ask = (statement: string) => Promise<readonly Record<string, unknown>[]>

/** One connection to a database, below the tables' types: for what is done to all tables alike. */
export interface Connection {
  /** several statements at once */
  readonly run: (statements: string) => Promise<unknown>
  /** one statement with its values */
  readonly set: (statement: string, values: readonly unknown[]) => Promise<unknown>
  readonly ask: Ask
}
