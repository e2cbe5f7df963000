import { formatMm } from '../units/formatMm'
import type { GlassOver, HandGap } from './handGaps'
import { handGaps } from './handGaps'
import type { HandHeight } from './handHeights'
import type { HandPolicy } from './handPolicy'

/** How hands stand by their heights. */
export interface StandingHands {
  readonly heights: readonly HandHeight[]
  readonly gaps: readonly HandGap[]
  /** in a few words, by the tightest place */
  readonly words: string
  /** room everywhere it was told, and surely so; null where there is room, but not surely */
  readonly isRight: boolean | null
  /** ISO time of the last height */
  readonly at: string
}

/** How hands stand by their heights over the dial; null while these tell of no gap. */
export function standingHands(
  heights: readonly HandHeight[],
  glass: GlassOver | null,
  policy: HandPolicy,
): StandingHands | null {
  const gaps = handGaps(heights, glass, policy)
  const at = heights
    .map((height) => height.at)
    .toSorted()
    .at(-1)
  const [first, ...rest] = gaps
  if (!first || at === undefined) return null
  const spare = ({ roomMm, leastMm }: HandGap) => roomMm - leastMm
  const tightest = rest.reduce((least, one) => (spare(one) < spare(least) ? one : least), first)
  return {
    ...{ heights, gaps, at },
    words: gapWords(tightest),
    isRight: isRightOf(gaps),
  }
}

function isRightOf(gaps: readonly HandGap[]): boolean | null {
  if (gaps.some(({ state }) => state === 'close' || state === 'touches')) return false
  return gaps.every(({ state }) => state === 'clear') ? true : null
}

/** “minute hand to second hand 0.03, wants 0.08” */
export function gapWords({ between, roomMm, leastMm, state }: HandGap): string {
  const room = formatMm(Math.max(0, roomMm))
  if (state === 'touches') return `${between}: no room, ${formatMm(-roomMm)} too little`
  if (state === 'unsure') return `${between} ${room}, not surely the ${formatMm(leastMm)} wanted`
  return state === 'close'
    ? `${between} ${room}, at least ${formatMm(leastMm)} wanted`
    : `${between} ${room}, the tightest place`
}
