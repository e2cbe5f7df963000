import type { KeptTray } from './KeptTray'

/**
 * What a change does to a tray: `work` adds to it whatever else was done; a `decision` undoes, ends or judges what was
 * done, and has to have seen it; `reopening` takes a tray that was handed back in hand again.
 */
export type ChangeKind = 'work' | 'decision' | 'reopening'

/** Why a tray may not be changed like that as it stands; null when it may. */
export function objectionTo(
  kind: ChangeKind,
  { finishedAt }: Pick<KeptTray['tray'], 'finishedAt'>,
): string | null {
  if (kind === 'reopening') return finishedAt === null ? 'This tray is in hand already.' : null
  return finishedAt === null
    ? null
    : 'This tray was handed back: its record stays as it is. Reopen it first if there is more to do.'
}
