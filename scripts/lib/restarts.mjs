/** Status of a server that ended because its log could not be written; the same as in src/data/folder/endOnPanic.ts. */
export const PANIC_STATUS = 70

/** So often a server that ends by itself is begun anew within a minute: more often it would only end again. */
const MOST_RESTARTS = 3
const WITHIN_MS = 60_000

/** Keeps when a server was begun anew. */
export function keptRestarts() {
  let restarts = []
  return {
    /** @returns whether it may be begun anew at `nowMs`; if so, this one is counted */
    mayBegin(nowMs) {
      restarts = restarts.filter((at) => nowMs - at < WITHIN_MS)
      if (restarts.length >= MOST_RESTARTS) return false
      restarts.push(nowMs)
      return true
    },
  }
}
