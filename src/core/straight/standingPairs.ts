import type { Displacement } from './Displacement'
import { arcMm } from './Displacement'
import { dialTurned } from './dialTurned'
import type { Estimate, OffsetsFit } from './fitOffsets'
import { fitOffsets } from './fitOffsets'
import { fitOfPicture } from './fitOfPicture'
import type { StraightJudgement } from './judgeStraight'
import { judgeStraight, toldOf, wayText } from './judgeStraight'
import { formatMm } from '../units/formatMm'
import type { StraightPair } from './pairs'
import { PAIR_WORDS } from './pairs'
import { remediesFor } from './remedies/remediesFor'
import type { RankedRemedy } from './remedies/remediesFor'
import type { RemedyFacts } from './remedies/Remedy'
import type { StraightLook } from './StraightLook'
import { READING_NOISE_MM } from './StraightLook'
import type { StraightPolicy } from './straightPolicy'
import type { PartMove } from '../trail/partMoves'
import { movedSince } from '../trail/movedSince'
import { partsOfPair } from './partsOfPair'

const DEGREES_OF_HOUR = 30

/** A look with what it says. */
export interface JudgedLook extends StraightLook {
  readonly fit: OffsetsFit
  /** what of it is told from nothing */
  readonly told: Displacement
  readonly judgement: StraightJudgement
}

/** How a pair stands by its last look, what led there, and what would help. */
export interface StandingPair {
  readonly pair: StraightPair
  /** oldest first; at least one */
  readonly looks: readonly JudgedLook[]
  readonly last: JudgedLook
  /** what moved since that look, so that it says nothing of how it stands now; null where nothing did */
  readonly movedSince: string | null
  readonly remedies: readonly RankedRemedy[]
}

/** A pair with all looks at it. */
type LookedAt = Omit<StandingPair, 'remedies' | 'movedSince'>

/** Every pair that was looked at, in the order of its first look. */
export function standingPairs(
  looks: readonly StraightLook[],
  facts: Omit<RemedyFacts, 'moves'>,
  { seenMm }: StraightPolicy,
  moves: readonly PartMove[],
): StandingPair[] {
  const read = lookedAt(looks.map((look) => judgedLook(look, seenMm)))
  const dialDeg = dialTurnedBy(read)?.value ?? null
  return read.map(({ pair, looks: all, last }) => ({
    pair,
    looks: all,
    last,
    movedSince: movedSince(partsOfPair(pair), last.at.toISOString(), moves),
    remedies: remediesFor({
      pair,
      displacement: last.told,
      turnUncertaintyDeg: turnOf(last.fit).standardUncertainty,
      radiusMm: last.radiusMm,
      limitMm: last.judgement.limitMm,
      dialDeg,
      facts: { ...facts, moves: last.moves },
    }),
  }))
}

function lookedAt(looks: readonly JudgedLook[]): LookedAt[] {
  const pairs = [...new Set(looks.map(({ pair }) => pair))]
  return pairs.flatMap((pair) => {
    const own = looks.filter((look) => look.pair === pair)
    const last = own.at(-1)
    return last ? [{ pair, looks: own, last }] : []
  })
}

/** How far the dial itself is turned, by what is set to it; null where that is not what is seen. */
export function dialTurnedBy(pairs: readonly LookedAt[]): Estimate | null {
  return dialTurned(
    pairs.flatMap(({ pair, last: { fit } }) => (fit.turnedDeg ? [{ pair, turnedDeg: fit.turnedDeg }] : [])),
  )
}

/** The turn where it is seen, else the turn that it would be if nothing were off-centre. */
export function turnOf({ turnedDeg, ifCentredDeg }: OffsetsFit): Estimate {
  return turnedDeg ?? ifCentredDeg
}

/** True where its last look says so, and nothing of it moved since. */
export function standsStraight({
  last,
  movedSince: moved,
}: Pick<StandingPair, 'last' | 'movedSince'>): boolean {
  return last.judgement.isStraight && moved === null
}

/** “turned 2.46° clockwise”; “straight when it was read, insert moved since”. */
export function standsHow({ last, movedSince: moved }: Pick<StandingPair, 'last' | 'movedSince'>): string {
  const { words } = last.judgement
  return moved === null ? words : `${words} when it was read, ${moved}`
}

/** “insert against dial turned 2.46° clockwise”. */
export function standingWords(standing: Pick<StandingPair, 'pair' | 'last' | 'movedSince'>): string {
  return `${PAIR_WORDS[standing.pair].label} ${standsHow(standing)}`
}

function fitOf(look: StraightLook): OffsetsFit {
  if (look.byPicture) return fitOfPicture(look.byPicture)
  const offsets = look.offsets.map(({ hour, offsetMm }) => ({
    directionDeg: (hour % 12) * DEGREES_OF_HOUR,
    offsetMm,
  }))
  return fitOffsets(offsets, look.radiusMm, noiseOf(look))
}

function noiseOf({ method }: StraightLook): number {
  return method === 'picture' ? 0 : READING_NOISE_MM[method]
}

function judgedLook(look: StraightLook, seenMm: number): JudgedLook {
  const fit = fitOf(look)
  const uncertainty = {
    turnMm: arcMm(turnOf(fit).standardUncertainty, look.radiusMm),
    // Where no shift is seen, one tick's own.
    shiftMm: fit.offCentreUncertaintyMm ?? noiseOf(look),
  }
  const judgement = judgeStraight(fit.displacement, look.radiusMm, look.limitMm ?? seenMm, uncertainty)
  return {
    ...look,
    fit,
    told: toldOf(fit.displacement, look.radiusMm, uncertainty),
    judgement: { ...judgement, ...asItIsSaid(look, fit, judgement) },
  }
}

/** What does not agree says nothing yet; what has one mark alone stands beside it, turned or not. */
function asItIsSaid(
  { pair, offsets }: StraightLook,
  { doubt }: OffsetsFit,
  { isStraight }: StraightJudgement,
): Partial<StraightJudgement> {
  if (doubt) return { isStraight: false, words: 'not sure: the places read do not agree' }
  const [only] = offsets
  if (PAIR_WORDS[pair].isRing || !only || isStraight) return {}
  return { words: `${formatMm(Math.abs(only.offsetMm))} ${wayText(only.offsetMm)} of its mark` }
}
