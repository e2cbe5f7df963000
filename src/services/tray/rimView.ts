import { constructionOf } from '@/core/construction/constructions'
import type { LayWords } from '@/core/level/layWords'
import { layAgain, layFirst } from '@/core/level/layWords'
import type { PressLean } from '@/core/level/pressLean'
import { passesOfPick } from '@/core/tray/standingRim'
import type { HeightsView, LevelView } from './heightsView'
import { heightsRead, levelView } from './heightsView'
import type { OpenedCase } from './openTrayCases'

/** Level after a pressing: what was read, what is to be read next, what it says, and how to lay the case. */
export interface RimView extends HeightsView {
  /** which pressing of what is picked this is, from 1 */
  readonly pass: number
  /** after the pressing before; null where that was not read */
  readonly before: LevelView | null
  /** for one push more; null while the rim needs none */
  readonly lay: LayWords | null
}

/** @returns null while nothing was pressed that has a rim to read */
export function rimView(opened: OpenedCase, leans: ReadonlyMap<number, PressLean>): RimView | null {
  const { kept, standing, rim, rules } = opened
  const passes = passesOfPick(kept, standing)
  const last = passes.at(-1)
  if (!last || !constructionOf(kept.sheet.retention).rimSeenAtPress) return null
  if (last.run.outcome !== 'home' && last.run.outcome !== 'high-on-one-side') return null
  const lean = last.run.pressId === null ? null : (leans.get(last.run.pressId) ?? null)
  return {
    pass: passes.length,
    ...heightsRead(last.heights, 'rim-height'),
    standing: rim && levelView(rim.reading, rim.judgement),
    before: rim?.before ? levelView(rim.before.reading, rim.before.judgement) : null,
    lay:
      rim?.judgement.advice === 'press-again' ? layAgain(rim.reading.tilt, lean, laidLast(last.run)) : null,
    limitMm: rules.policy.level.mostTiltMm,
  }
}

/** How to lay the case for its first push, by press. */
export function laysFirst(
  presses: readonly { readonly id: number }[],
  leans: ReadonlyMap<number, PressLean>,
): Readonly<Record<number, LayWords>> {
  return Object.fromEntries(presses.map(({ id }) => [id, layFirst(leans.get(id) ?? null)]))
}

const QUARTERS = 4

/** The hour at the press's left for the last push; null where the case was turned meanwhile, which way nobody says. */
function laidLast({
  leftHour,
  quarterTurns,
}: {
  leftHour: number | null
  quarterTurns: number
}): number | null {
  return quarterTurns % QUARTERS === 0 ? leftHour : null
}
