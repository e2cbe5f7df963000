import { judgeRim } from '../level/judgeRim'
import type { RimJudgement } from '../level/judgeRim'
import type { LevelPolicy } from '../level/levelPolicy'
import type { RimReading } from '../level/readRim'
import { readRim } from '../level/readRim'
import type { HeightTaken } from '../level/heightsTaken'
import type { RimPass } from '../level/rimPasses'
import { rimPasses } from '../level/rimPasses'
import { cameOffSince } from '../trail/cameOffSince'
import type { KeptTray } from './KeptTray'

type KeptRun = KeptTray['pressRuns'][number]

/** One pressing of what is picked, as its rim was read. */
export interface ReadPass {
  readonly pass: RimPass<KeptRun>
  readonly reading: RimReading
  readonly judgement: RimJudgement
}

/** How a rim stands. */
export interface StandingRim extends ReadPass {
  /** the pressing before that was read as well; null where none was */
  readonly before: ReadPass | null
}

/** Every pressing of what is picked, read or not, oldest first. */
export function passesOfPick(
  { picked, pressRuns }: Pick<KeptTray, 'picked' | 'pressRuns'>,
  standing: readonly HeightTaken[],
): RimPass<KeptRun>[] {
  return rimPasses(pressRuns, standing).filter(({ run }) => run.pickId === picked?.pick.id)
}

/**
 * How the rim stands after the last pressing.
 * @param standing - readings that stand
 * @returns null where it was not read since, or at too few places
 */
export function standingRim(
  kept: Pick<KeptTray, 'picked' | 'pressRuns' | 'trail'>,
  standing: readonly HeightTaken[],
  policy: LevelPolicy,
): StandingRim | null {
  const passes = passesOfPick(kept, standing)
  const last = passes.at(-1)
  // Off again, it stood level once and says nothing of how it will stand.
  if (last && cameOffSince('crystal', last.run.ranAt, kept.trail)) return null
  const now = last && readPass(last, policy)
  if (!now) return null
  const earlier = passes.slice(0, -1).map((pass) => readPass(pass, policy))
  return { ...now, before: earlier.findLast((one) => one !== null) ?? null }
}

function readPass(pass: RimPass<KeptRun>, policy: LevelPolicy): ReadPass | null {
  const outcome = readRim(pass.heights)
  return outcome.ok ? { pass, reading: outcome.reading, judgement: judgeRim(outcome.reading, policy) } : null
}
