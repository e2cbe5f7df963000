import type { Act, Change } from './Change'

/**
 * Gathers what was done at once: the changes of one transaction have one time.
 * @param changes - the newest first
 * @returns acts, the newest first
 */
export function actsOf(changes: readonly Change[]): Act[] {
  const acts: { at: Date; by: string | null; doing: string | null; changes: Change[] }[] = []
  for (const change of changes) {
    const last = acts.at(-1)
    const isOfLast =
      last?.at.getTime() === change.at.getTime() && last.by === change.by && last.doing === change.doing
    if (last && isOfLast) last.changes.unshift(change)
    else acts.push({ at: change.at, by: change.by, doing: change.doing, changes: [change] })
  }
  return acts
}
