import fs from 'node:fs'
import type { SendMessage } from '../keptStatements'
import { HEAD_BYTES, PARSE, QUERY } from '../protocol'

/** With less room than this nothing more is written: a log that cannot grow (16 MB a piece) ends the database. */
export const LEAST_FREE_BYTES = 64 * 1024 * 1024

/** Thrown before a change that would find too little room; nothing was stored. */
export class DiskFullError extends Error {
  readonly code = 'EFULL'

  constructor(freeBytes: number) {
    super(
      `Not stored: only ${Math.floor(freeBytes / 1_000_000)} MB are free on the disk with the shop’s data, ` +
        `and ${Math.ceil(LEAST_FREE_BYTES / 1_000_000)} are needed. Make room and do it again; nothing has to be started anew.`,
    )
  }
}

/** What only looks, or begins and ends what was judged line by line. */
const READS =
  /^\s*(?:select|show|explain|begin|commit|rollback|savepoint|release|set|reset|close|fetch|deallocate)\b/i
/** A change can stand behind a `with` or inside a `select`. */
const CHANGES = /\b(?:insert\s+into|update\s|delete\s+from)/i

/** True where a statement may write. */
export function mayWrite(statement: string): boolean {
  return !READS.test(statement) || CHANGES.test(statement)
}

/** Room left on the disk of a folder, bytes. */
export function freeBytesOf(folder: string): number {
  const { bavail, bsize } = fs.statfsSync(folder)
  return bavail * bsize
}

/** Refuses what would write while there is too little room. @param freeBytes - asked before each statement that writes */
export function guardedWrites<Answer, Options>(
  send: SendMessage<Answer, Options>,
  freeBytes: () => number,
): SendMessage<Answer, Options> {
  return async (message, options) => {
    const statement = statementOf(message)
    if (statement !== null && mayWrite(statement)) {
      const free = freeBytes()
      if (free < LEAST_FREE_BYTES) throw new DiskFullError(free)
    }
    return send(message, options)
  }
}

/** The text of a message that brings a statement; null for one that brings none. */
function statementOf(message: Uint8Array): string | null {
  const [type] = message
  if (type !== PARSE && type !== QUERY) return null
  // A statement that is parsed stands behind its name.
  const from = type === PARSE ? message.indexOf(0, HEAD_BYTES) + 1 : HEAD_BYTES
  return Buffer.from(message.subarray(from, message.indexOf(0, from))).toString('utf8')
}
