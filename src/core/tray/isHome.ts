import { cameOffSince } from '../trail/cameOffSince'
import type { KeptTray } from './KeptTray'

type KeptRuns = Pick<KeptTray, 'picked' | 'pressRuns' | 'trail'>

/**
 * The last run of what was picked where it brought it home; null where one cracked it or left it high since, and where the
 * crystal came off again by the trail.
 */
export function homeRun({ picked, pressRuns, trail }: KeptRuns): KeptTray['pressRuns'][number] | null {
  if (picked === null) return null
  const last = pressRuns.findLast((run) => run.pickId === picked.pick.id)
  return last?.outcome === 'home' && !cameOffSince('crystal', last.ranAt, trail) ? last : null
}

/** True where what was picked is home. */
export function isHome(kept: KeptRuns): boolean {
  return homeRun(kept) !== null
}
