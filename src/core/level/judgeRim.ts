import { formatMm } from '../units/formatMm'
import type { LevelPolicy } from './levelPolicy'
import type { RimOddity, RimReading } from './readRim'
import { highSideDeg, tiltMm } from './RimHeight'
import { clockText } from './rimPlaces'

/** What a rim asks for. */
export type RimAdvice = 'level' | 'press-again' | 'clean' | 'read-more' | 'bent'

export interface RimJudgement {
  readonly advice: RimAdvice
  /** it may stay as it is */
  readonly isLevel: boolean
  /** how it stands: “0.08 high between 11 and 12” */
  readonly words: string
  /** why it is so, or what to do, in a sentence; empty where it is level */
  readonly because: string
}

/** What is done about what does not lie level, each a sentence. */
export interface LevelRemedies {
  readonly dirt: string
  readonly unclear: string
  readonly high: string
  readonly bent: string
  /** added where it is too bent to stay */
  readonly another: string
}

const OF_A_CRYSTAL: LevelRemedies = {
  dirt: 'Something lies under it there: take it out, clean seat and ring, press again.',
  unclear: 'Four places cannot tell dirt from warp: read 8 places.',
  high: 'turn the case and press once more.',
  bent: 'Two opposite sides stand high: an oval seat or a warped crystal, which no pressing takes away.',
  another: 'Try another crystal, or say why it stays.',
}

/** Judges a rim by its tilt and by what lifts it beside that; what lies under it comes before what the press did. */
export function judgeRim(
  reading: RimReading,
  { mostTiltMm }: LevelPolicy,
  remedies: LevelRemedies = OF_A_CRYSTAL,
): RimJudgement {
  const tilt = tiltMm(reading.tilt)
  const high = clockText(highSideDeg(reading.tilt))
  const leaning = `${formatMm(tilt)} high ${high}`
  const { oddity } = reading
  if (oddity?.kind === 'dirt') {
    return {
      advice: 'clean',
      isLevel: false,
      words: `${formatMm(oddity.liftMm)} up ${clockText(oddity.directionDeg)} alone`,
      because: remedies.dirt,
    }
  }
  if (oddity?.kind === 'dirt-or-warp') {
    return {
      advice: 'read-more',
      isLevel: false,
      words: `uneven, ${leaning}`,
      because: remedies.unclear,
    }
  }
  if (tilt > mostTiltMm) {
    return {
      advice: 'press-again',
      isLevel: false,
      words: leaning,
      because: `The limit is ${formatMm(mostTiltMm)}: ${remedies.high}`,
    }
  }
  if (oddity?.kind === 'warp') return bent(oddity, mostTiltMm, remedies)
  return { advice: 'level', isLevel: true, words: `level within ${formatMm(tilt)}`, because: '' }
}

function bent(
  { axisDeg, heightMm }: Extract<RimOddity, { kind: 'warp' }>,
  mostTiltMm: number,
  remedies: LevelRemedies,
): RimJudgement {
  const along = `${clockText(axisDeg)} and ${clockText(axisDeg + 180)}`
  const isLevel = heightMm <= mostTiltMm
  return {
    advice: 'bent',
    isLevel,
    words: `${formatMm(heightMm)} up ${along}, level across`,
    because: isLevel ? remedies.bent : `${remedies.bent} ${remedies.another}`,
  }
}
