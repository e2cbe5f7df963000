import type { BezelKind, ChapterRing } from '../construction/kinds'
import { turns } from '../construction/kinds'
import type { Figure } from '../fit/CrystalSeat'
import { probabilityWithin } from '../fit/probabilityWithin'
import type { StockBezel } from '../stock/otherParts'
import { formatMm, formatSignedMm } from '../units/formatMm'
import { familyText, isFamily } from './assessInsert'
import type { BezelSet } from './bezelSet'
import type { BezelPolicy } from './bezelPolicy'
import type { PartCheck } from './failingChecks'
import { allHold, failingChecks } from './failingChecks'
import { reaches } from '../units/within'

/** The case a bezel goes on, as far as it is known. */
export interface BezelSeat {
  readonly kind: BezelKind
  /** removable bezels sit on a ring over the neck: the ring, not the bezel, touches it */
  readonly onRing: boolean
  readonly neckOuter: Figure | null
  /** inside of the old bezel: what to go by where the neck was not measured */
  readonly oldInner: Figure | null
  readonly keySpacing: Figure | null
  readonly keyWidth: Figure | null
  /** clicks a turn; null when nobody counted */
  readonly clicks: number | null
  /** crystal that stays in the case: the bezel must clear it; null where it lives in the bezel */
  readonly crystalMm: number | null
  readonly family: string
}

export interface BezelAssessment {
  readonly bezel: StockBezel
  /** what of the drawers goes with it; null where nothing but the bezel is chosen */
  readonly set: BezelSet | null
  readonly probability: number
  readonly failures: readonly string[]
  readonly reasons: readonly string[]
}

interface Check extends PartCheck {
  /** what speaks for it; null where there is nothing worth telling */
  readonly reason: string | null
}

/** Judges a bezel for a case: what it goes over, its keys, its clicks, the crystal it clears, its family. */
export function assessBezel(bezel: StockBezel, seat: BezelSeat, policy: BezelPolicy): BezelAssessment {
  const checks = [
    {
      probability: bezel.bezelKind === seat.kind ? 1 : 0,
      failure: `${words(bezel.bezelKind)}, the case takes ${words(seat.kind)}`,
      reason: null,
    },
    hold(bezel, seat, policy),
    ...keys(bezel, seat, policy),
    clicks(bezel, seat),
    clearOfCrystal(bezel, seat, policy),
    {
      probability: isFamily(bezel.family, seat.family) ? 1 : 0,
      failure: familyText(bezel.family, seat.family),
      reason:
        bezel.family !== '' && bezel.family === seat.family ? `Of the same family, ${bezel.family}.` : null,
    },
    {
      probability: bezel.quantity >= 1 ? 1 : 0,
      failure: `no ${bezel.code} left in its drawer`,
      reason: null,
    },
  ].filter((check): check is Check => check !== null)
  return {
    bezel,
    set: null,
    probability: allHold(checks),
    failures: failingChecks(checks, policy.leastProbability),
    // A check that fails has its own sentence; the one for passing would say the opposite.
    reasons: checks.flatMap(({ probability, reason }) =>
      reason === null || probability < policy.leastProbability ? [] : [reason],
    ),
  }
}

/** How it holds to the case: pressed on, turning with a little room, or on its ring. */
function hold(
  bezel: StockBezel,
  { kind, onRing, neckOuter, oldInner }: BezelSeat,
  policy: BezelPolicy,
): Check | null {
  const u = (figure: Figure) => Math.hypot(figure.standardUncertaintyMm, policy.stockUncertaintyMm)
  if (neckOuter && !onRing) {
    const window = turns(kind) ? policy.turning : policy.pressOn
    const roomMm = bezel.innerMm - neckOuter.valueMm
    const figure = turns(kind) ? roomMm : -roomMm
    const name = turns(kind) ? 'room over the neck' : 'press-on band'
    const limits = `wants ${formatMm(window.lowMm)}–${formatMm(window.highMm)}`
    return {
      probability: probabilityWithin(figure, u(neckOuter), window),
      failure: `${name} ${formatSignedMm(figure)}; ${limits}`,
      reason: `${turns(kind) ? 'Room over the neck' : 'Press-on band'} ${formatMm(figure)} of ${formatMm(window.lowMm)}–${formatMm(window.highMm)}.`,
    }
  }
  if (!oldInner) return null
  const offMm = bezel.innerMm - oldInner.valueMm
  return {
    probability: probabilityWithin(offMm, u(oldInner), {
      lowMm: -policy.likeOldMm,
      highMm: policy.likeOldMm,
    }),
    failure: `${formatMm(Math.abs(offMm))} ${offMm > 0 ? 'wider' : 'narrower'} inside than the old bezel`,
    reason: `Inside ${formatMm(bezel.innerMm)} as the old bezel’s ${formatMm(oldInner.valueMm)}.`,
  }
}

function keys(bezel: StockBezel, { keySpacing, keyWidth }: BezelSeat, { keyWithinMm }: BezelPolicy): Check[] {
  const pairs = [
    ['keys', bezel.keySpacingMm, keySpacing],
    ['key width', bezel.keyWidthMm, keyWidth],
  ] as const
  return pairs.flatMap(([name, own, old]) => {
    if (!old) return []
    if (own === null) return [{ probability: 0, failure: `its ${name} are not known`, reason: null }]
    const offMm = Math.abs(own - old.valueMm)
    return [
      {
        probability: reaches(keyWithinMm, offMm) ? 1 : 0,
        failure: `${name} ${formatMm(own)}, the old bezel’s ${formatMm(old.valueMm)}: it cannot go on`,
        reason: null,
      },
    ]
  })
}

function clicks(bezel: StockBezel, seat: BezelSeat): Check | null {
  if (seat.kind !== 'rotating-click' || seat.clicks === null || bezel.clicks === null) return null
  return {
    probability: bezel.clicks === seat.clicks ? 1 : 0,
    failure: `${bezel.clicks} clicks a turn; the case’s spring has ${seat.clicks}`,
    reason: `${bezel.clicks} clicks a turn, as the case’s spring.`,
  }
}

function clearOfCrystal(
  bezel: StockBezel,
  { crystalMm }: BezelSeat,
  { clearOfCrystalMm }: BezelPolicy,
): Check | null {
  if (crystalMm === null || bezel.boreMm !== null) return null
  const openMm = bezel.recessInnerMm ?? bezel.innerMm
  return {
    probability: reaches(openMm - crystalMm, clearOfCrystalMm) ? 1 : 0,
    failure: `its opening of ${formatMm(openMm)} does not clear the ${formatMm(crystalMm)} crystal`,
    reason: null,
  }
}

/** What holds for any new bezel the crystal lives in. Common practice. */
export function newBezelNotes(chapterRing: ChapterRing): string[] {
  const keyed = chapterRing === 'keyed' ? ', its key in its notch' : ''
  return [
    'Rings of the old bezel do not serve a new one: both come with it.',
    ...(chapterRing === 'none'
      ? []
      : [`The chapter ring, old or new, goes in first: lay it in dry${keyed}, 12 and 6 to the keys.`]),
  ]
}

function words(kind: BezelKind): string {
  return kind.replaceAll('-', ' ')
}
