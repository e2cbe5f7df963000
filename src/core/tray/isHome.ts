import type { KeptTray } from './KeptTray'

/** True where the last run of what was picked brought it home: one that cracked or stood high since is not. */
export function isHome({ picked, pressRuns }: Pick<KeptTray, 'picked' | 'pressRuns'>): boolean {
  if (picked === null) return false
  return pressRuns.findLast((run) => run.pickId === picked.pick.id)?.outcome === 'home'
}
