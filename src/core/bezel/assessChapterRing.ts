import type { ChapterRing } from '../construction/kinds'
import { RING_MARGIN_MM } from '../dies/pushOutDies'
import type { Figure } from '../fit/CrystalSeat'
import { probabilityWithin } from '../fit/probabilityWithin'
import type { Window } from '../fit/Window'
import { expandedUncertaintyMm } from '../measure/Estimate'
import type { StockChapterRing } from '../stock/otherParts'
import { formatMm } from '../units/formatMm'
import { familyText, isFamily } from './assessInsert'
import type { BezelPolicy } from './bezelPolicy'
import type { PartCheck } from './failingChecks'
import { allHold, failingChecks } from './failingChecks'

/** What is known of the place a chapter ring lies in: the old ring's figures, and the bore it goes in through. */
export interface ChapterRingSeat {
  readonly kind: ChapterRing
  readonly oldOuter: Figure | null
  readonly oldInner: Figure | null
  readonly oldHeight: Figure | null
  /** of the case, or of the bezel that carries the crystal */
  readonly bore: Figure | null
  readonly family: string
}

export interface ChapterRingAssessment {
  readonly ring: StockChapterRing
  readonly probability: number
  readonly failures: readonly string[]
  readonly reasons: readonly string[]
}

/** Judges a chapter ring against the old one and the bore it goes in through. */
export function assessChapterRing(
  ring: StockChapterRing,
  seat: ChapterRingSeat,
  policy: BezelPolicy,
): ChapterRingAssessment {
  const checks = [
    against(ring.outerMm, seat.oldOuter, policy.chapterRing.outer, policy, ['wider', 'narrower', ' outside']),
    throughBore(ring, seat, policy),
    against(ring.heightMm, seat.oldHeight, policy.chapterRing.height, policy, [
      'higher',
      'lower',
      ': the crystal would not come home',
      ': it would rattle under the crystal',
    ]),
    against(ring.innerMm, seat.oldInner, policy.chapterRing.inner, policy, ['wider', 'narrower', ' inside']),
    {
      probability: ring.form === 'keyed' && seat.kind === 'loose' ? 0 : 1,
      failure: 'keyed, and the case has no notch for its key',
    },
    {
      probability: isFamily(ring.family, seat.family) ? 1 : 0,
      failure: familyText(ring.family, seat.family),
    },
    { probability: ring.quantity >= 1 ? 1 : 0, failure: `no ${ring.code} left in its drawer` },
  ].filter((check) => check !== null)
  return {
    ring,
    probability: allHold(checks),
    failures: failingChecks(checks, policy.leastProbability),
    reasons: reasonsOf(ring, seat),
  }
}

/** A size against the old ring's; null where that was not measured. */
function against(
  ownMm: number,
  old: Figure | null,
  within: Window,
  policy: BezelPolicy,
  [more, less, whenMore, whenLess = whenMore]: readonly [string, string, string, string?],
): PartCheck | null {
  if (!old) return null
  const offMm = ownMm - old.valueMm
  const u = Math.hypot(old.standardUncertaintyMm, policy.stockUncertaintyMm)
  return {
    probability: probabilityWithin(offMm, u, within),
    failure: `${formatMm(Math.abs(offMm))} ${offMm > 0 ? more : less} than the old ring${offMm > 0 ? whenMore : whenLess}`,
  }
}

/** It goes in from the crystal's side: what is wider than the bore never gets to its place. */
function throughBore(
  { outerMm }: StockChapterRing,
  { bore }: ChapterRingSeat,
  policy: BezelPolicy,
): PartCheck | null {
  if (!bore) return null
  const u = Math.hypot(bore.standardUncertaintyMm, policy.stockUncertaintyMm)
  return {
    probability: probabilityWithin(bore.valueMm - outerMm, u, { lowMm: 0, highMm: Infinity }),
    failure: `${formatMm(outerMm)} outside does not go through the ${formatMm(bore.valueMm)} bore`,
  }
}

function reasonsOf(ring: StockChapterRing, seat: ChapterRingSeat): string[] {
  const compared = [
    ['outside', ring.outerMm, seat.oldOuter],
    ['inside', ring.innerMm, seat.oldInner],
    ['high', ring.heightMm, seat.oldHeight],
  ] as const
  const likeOld = compared.flatMap(([name, own, old]) =>
    old
      ? [
          `${formatMm(own)} ${name} for the old ring’s ${formatMm(old.valueMm)} ±${formatMm(expandedUncertaintyMm(old))}`,
        ]
      : [],
  )
  const dieMm = ring.innerMm - RING_MARGIN_MM
  return [
    ...(likeOld.length > 0 ? [`${likeOld.join(', ')}.`] : []),
    ...(seat.oldHeight
      ? []
      : ['Whether it clamps under the crystal is not known: measure the old ring’s height.']),
    fixingText(ring, seat),
    `A push-out die of up to ${formatMm(dieMm, 0.1)} clears it.`,
  ]
}

/** How it is kept where it belongs. Common practice. */
function fixingText({ form }: StockChapterRing, { kind }: ChapterRingSeat): string {
  if (form === 'keyed') return 'Its key in the notch sets it to the dial.'
  return kind === 'keyed'
    ? 'Without a key: set it to the dial at 12 and 6 by eye, then dots of flexible cement.'
    : 'Set it to the dial at 12 and 6, movement in place, then dots of flexible cement or the crystal clamps it.'
}
