import type { HeightTaken, PlacedHeight } from '../level/heightsTaken'
import { heightsTaken } from '../level/heightsTaken'
import type { LevelRemedies, RimJudgement } from '../level/judgeRim'
import { judgeRim } from '../level/judgeRim'
import type { LevelPolicy } from '../level/levelPolicy'
import type { RimReading } from '../level/readRim'
import { readRim } from '../level/readRim'
import type { PartMove } from '../trail/partMoves'
import { formatMm } from '../units/formatMm'
import type { BezelPolicy } from './bezelPolicy'
import type { InsertStand } from './insertStand'
import { standWord } from './insertStand'

/** How an insert lies in its bezel by heights read round it since it was set. */
export interface InsertLevel {
  readonly heights: readonly PlacedHeight[]
  /** null while too few places are read */
  readonly standing: (RimJudgement & InsertLies) | null
}

export interface InsertLies {
  readonly reading: RimReading
  /** in the middle, over the bezel's edge */
  readonly word: NonNullable<InsertStand['word']>
}

/** Common practice: what lies under it or a film of cement that is thicker on a side is all that tilts it. */
const OF_AN_INSERT: LevelRemedies = {
  dirt: 'A lump lies under it there: lift it, scrape the seat bare, set it again.',
  unclear: 'Four places cannot tell a lump from a bent insert: read 8 places.',
  high: 'press the high side down while its cement is open, or lift it and set it on an even film.',
  bent: 'Two opposite sides stand high: the insert is bent, or its seat is.',
  another: 'Try another insert, or say why it stays.',
}

/**
 * How an insert lies by heights of its face over the bezel's edge, read since it was set last.
 * @param readings - that stand
 * @param moves - of the tray, oldest first
 * @returns null where none was set here: how it came in is nobody's work
 */
export function insertLevel(
  readings: readonly HeightTaken[],
  moves: readonly PartMove[],
  { level, bezel }: { readonly level: LevelPolicy; readonly bezel: Pick<BezelPolicy, 'flush'> },
): InsertLevel | null {
  const setAt = moves.findLast(({ part }) => part === 'insert')?.at
  if (setAt === undefined) return null
  const heights = heightsTaken(readings, 'insert-height', (at) => at.toISOString() > setAt)
  const outcome = readRim(heights)
  if (!outcome.ok) return { heights, standing: null }
  const { reading } = outcome
  const word = standWord(reading.meanMm, bezel.flush)
  const judged = judgeRim(reading, level, OF_AN_INSERT)
  return { heights, standing: { ...withHeight(judged, reading.meanMm, word), reading, word } }
}

/** One that stands proud all round catches cloth and knocks, however level it lies. */
function withHeight(judged: RimJudgement, meanMm: number, word: InsertLies['word']): RimJudgement {
  if (word !== 'proud') return judged
  return {
    ...judged,
    isLevel: false,
    words: `${formatMm(meanMm)} proud, ${judged.words}`,
    because:
      judged.because ||
      'Old adhesive or too thick a film lies under all of it: lift it and set it anew, or take a thinner one.',
  }
}
