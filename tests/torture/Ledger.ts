import fs from 'node:fs'

/** One change, as it is sent, and as it is sent again. */
export interface Sent {
  readonly key: string
  /** an import has no key in the shop: its lines are known by their codes */
  readonly kind: 'reading' | 'receive' | 'list' | 'import'
  readonly trayId: number
  readonly instrumentId: number
}

/** What is known outside the shop of what it was sent. */
export interface Ledger {
  /** keys of what was answered as stored */
  readonly stored: readonly string[]
  /** keys of imports that were answered as done */
  readonly imported: readonly string[]
  /** what no answer came for */
  readonly unsure: readonly Sent[]
}

/** Lines of one list that is stored as a whole. */
export const LIST_LINES = 200

/** Lines of one supplier's list that is imported, in several transactions. */
export const IMPORT_LINES = 5000

/** Says a line at once: what was said before a process was killed is heard. */
export function say(line: string): void {
  fs.writeSync(1, `${line}\n`)
}
