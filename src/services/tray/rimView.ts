import { constructionOf } from '@/core/construction/constructions'
import type { RimJudgement } from '@/core/level/judgeRim'
import type { LayWords } from '@/core/level/layWords'
import { layAgain, layFirst } from '@/core/level/layWords'
import type { PressLean } from '@/core/level/pressLean'
import { highSideDeg, tiltMm } from '@/core/level/RimHeight'
import type { RimPattern } from '@/core/level/rimPlaces'
import { placesOf, RIM_PATTERNS, RIM_PLACES } from '@/core/level/rimPlaces'
import type { ReadingTarget } from '@/core/readings/readingPlan'
import type { ReadPass } from '@/core/tray/standingRim'
import { passesOfPick } from '@/core/tray/standingRim'
import type { OpenedCase } from './openTrayCases'

/** A rim as it was read after one pressing. */
export interface RimStandingView extends RimJudgement {
  readonly tiltMm: number
  /** degrees clockwise from 12 */
  readonly highSideDeg: number
  /** the place that asks for something: what lies on dirt, or stands high; null where none does. Degrees from 12 */
  readonly markedDeg: number | null
  /** standard uncertainty of the tilt, mm */
  readonly standardUncertaintyMm: number
}

export interface RimHeightView {
  /** as it is said, “1:30” */
  readonly hour: string
  readonly directionDeg: number
  /** the mean of what was read there, mm */
  readonly heightMm: number
}

/** Level after a pressing: what was read, what is to be read next, what it says, and how to lay the case. */
export interface RimView {
  /** which pressing of what is picked this is, from 1 */
  readonly pass: number
  readonly heights: readonly RimHeightView[]
  /** by how many places are read; null when all are */
  readonly next: Readonly<Record<RimPattern, ReadingTarget | null>>
  /** null while too few places are read */
  readonly standing: RimStandingView | null
  /** after the pressing before; null where that was not read */
  readonly before: RimStandingView | null
  /** for one push more; null while the rim needs none */
  readonly lay: LayWords | null
  readonly limitMm: number
}

/** @returns null while nothing was pressed that has a rim to read */
export function rimView(opened: OpenedCase, leans: ReadonlyMap<number, PressLean>): RimView | null {
  const { kept, standing, rim, rules } = opened
  const passes = passesOfPick(kept, standing)
  const last = passes.at(-1)
  if (!last || !constructionOf(kept.sheet.retention).rimSeenAtPress) return null
  if (last.run.outcome !== 'home' && last.run.outcome !== 'high-on-one-side') return null
  const read = new Set(last.heights.map(({ placeIndex }) => placeIndex))
  const nextOf = (pattern: RimPattern): ReadingTarget | null => {
    const placeIndex = placesOf(pattern).find((index) => !read.has(index))
    return placeIndex === undefined ? null : { dimension: 'rim-height', placeIndex }
  }
  const [four, six, eight] = RIM_PATTERNS.map(nextOf)
  const lean = last.run.pressId === null ? null : (leans.get(last.run.pressId) ?? null)
  return {
    pass: passes.length,
    heights: RIM_PLACES.flatMap(({ hour, directionDeg }, placeIndex) => {
      const here = last.heights.filter((height) => height.placeIndex === placeIndex)
      const total = here.reduce((sum, { heightMm }) => sum + heightMm, 0)
      return here.length === 0 ? [] : [{ hour, directionDeg, heightMm: total / here.length }]
    }),
    next: { 4: four ?? null, 6: six ?? null, 8: eight ?? null },
    standing: rim && standingView(rim),
    before: rim?.before ? standingView(rim.before) : null,
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

function standingView({ reading, judgement }: Pick<ReadPass, 'reading' | 'judgement'>): RimStandingView {
  return {
    ...judgement,
    tiltMm: tiltMm(reading.tilt),
    highSideDeg: highSideDeg(reading.tilt),
    markedDeg: markedDeg({ reading, judgement }),
    standardUncertaintyMm: reading.standardUncertaintyMm,
  }
}

function markedDeg({ reading, judgement }: Pick<ReadPass, 'reading' | 'judgement'>): number | null {
  if (reading.oddity?.kind === 'dirt') return reading.oddity.directionDeg
  return judgement.isLevel || judgement.advice === 'bent' ? null : highSideDeg(reading.tilt)
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
