import type { InsertForm, InsertHold } from '../construction/kinds'
import type { Figure } from '../fit/CrystalSeat'
import { probabilityWithin } from '../fit/probabilityWithin'
import type { Window } from '../fit/Window'
import type { StockInsert } from '../stock/otherParts'
import { formatMm, formatSignedMm } from '../units/formatMm'
import type { BezelPolicy, InsertFixing } from './bezelPolicy'
import { insertStand } from './insertStand'
import type { PartCheck } from './failingChecks'
import { allHold, failingChecks } from './failingChecks'
import { reaches } from '../units/within'

/** What is known of the recess an insert lies in. */
export interface InsertSeat {
  readonly outer: Figure
  /** null where there is no inner wall, or nobody measured it */
  readonly inner: Figure | null
  readonly depth: Figure | null
  readonly form: InsertForm | null
  readonly hold: InsertHold
  readonly fixing: InsertFixing
  /** bezels and inserts that belong together; empty when nobody said */
  readonly family: string
}

export interface InsertAssessment {
  readonly insert: StockInsert
  readonly outerRoomMm: number
  readonly innerRoomMm: number | null
  /** + proud, − sunk; null where the recess's depth is not known */
  readonly flushMm: number | null
  readonly probability: number
  /** what speaks against it, in words; empty for one that fits */
  readonly failures: readonly string[]
  readonly reasons: readonly string[]
}

/** Judges an insert in its recess: room outside and inside, flush with what fixes it, form and family. */
export function assessInsert(insert: StockInsert, seat: InsertSeat, policy: BezelPolicy): InsertAssessment {
  const outerRoomMm = (seat.outer.valueMm - insert.outerMm) / 2
  const innerRoomMm = seat.inner ? (insert.innerMm - seat.inner.valueMm) / 2 : null
  const depthMm = seat.depth?.valueMm ?? null
  const { flushMm } = insertStand(insert.thicknessMm, { ...seat, depthMm }, policy)
  const room = policy.outerRoom[seat.hold]
  const checks = [
    check(outerRoomMm, half(seat.outer, policy), room, outerText(outerRoomMm, room)),
    innerRoomMm !== null &&
      seat.inner &&
      check(innerRoomMm, half(seat.inner, policy), policy.innerRoom, innerText(innerRoomMm)),
    flushMm !== null &&
      seat.depth &&
      check(flushMm, whole(seat.depth, policy), policy.flush, flushText(flushMm, policy.flush)),
    seat.form !== null && {
      probability: seat.form === insert.form ? 1 : 0,
      failure: formText(insert, seat.form),
    },
    {
      probability: isFamily(insert.family, seat.family) ? 1 : 0,
      failure: familyText(insert.family, seat.family),
    },
    { probability: insert.quantity >= 1 ? 1 : 0, failure: `no ${insert.code} left in its drawer` },
  ].filter((one) => one !== false && one !== null)
  return {
    insert,
    outerRoomMm,
    innerRoomMm,
    flushMm,
    probability: allHold(checks),
    failures: failingChecks(checks, policy.leastProbability),
    reasons: reasonsOf(insert, seat, { outerRoomMm, innerRoomMm, flushMm }, policy),
  }
}

function check(valueMm: number, uncertaintyMm: number, window: Window, failure: string): PartCheck {
  return { probability: probabilityWithin(valueMm, uncertaintyMm, window), failure }
}

/** A room a side is half a difference: so is its doubt. */
function half(figure: Figure, policy: BezelPolicy): number {
  return whole(figure, policy) / 2
}

function whole({ standardUncertaintyMm }: Figure, { stockUncertaintyMm }: BezelPolicy): number {
  return Math.hypot(standardUncertaintyMm, stockUncertaintyMm)
}

/** True when a part belongs to a family, or to none in particular. */
export function isFamily(family: string, wanted: string): boolean {
  return family === '' || wanted === '' || family === wanted
}

/** Why a part of another family is kept apart. */
export function familyText(family: string, wanted: string): string {
  return `belongs to ${family}, this bezel to ${wanted}: they look alike and do not interchange`
}

function outerText(roomMm: number, room: Window): string {
  return !reaches(roomMm, room.lowMm)
    ? roomMm < 0
      ? `${formatMm(-2 * roomMm)} larger than its recess`
      : `only ${formatMm(roomMm)} a side in its recess`
    : `${formatMm(roomMm)} a side of play in its recess; at most ${formatMm(room.highMm)}`
}

function innerText(roomMm: number): string {
  return roomMm < 0
    ? `its hole is ${formatMm(-2 * roomMm)} smaller than the inner wall`
    : `its hole leaves ${formatMm(roomMm)} a side round the inner wall`
}

function flushText(flushMm: number, { lowMm, highMm }: Window): string {
  return `would stand ${formatSignedMm(flushMm)} against the bezel’s edge; limits ${formatSignedMm(lowMm)} to ${formatSignedMm(highMm)}`
}

function formText({ form }: StockInsert, wanted: InsertForm): string {
  return `${form}, the recess is ${wanted}`
}

function reasonsOf(
  insert: StockInsert,
  seat: InsertSeat,
  found: Pick<InsertAssessment, 'outerRoomMm' | 'innerRoomMm' | 'flushMm'>,
  policy: BezelPolicy,
): string[] {
  const { outerRoomMm, innerRoomMm, flushMm } = found
  const inner = innerRoomMm === null ? '' : `, ${formatMm(innerRoomMm)} round the inner wall`
  const under = policy.underMm[seat.hold === 'friction' ? 'friction' : seat.fixing]
  const flush =
    flushMm === null
      ? 'How flush it stands is not known: measure the depth of the recess.'
      : `Stands ${formatSignedMm(flushMm)} against the bezel’s edge${under > 0 ? `, ${formatMm(under)} of it what fixes it` : ''}.`
  return [`${formatMm(outerRoomMm)} a side in its recess${inner}.`, flush, ...materialCaution(insert)]
}

/** What the material does not forgive. Common practice. */
function materialCaution({ material }: StockInsert): string[] {
  switch (material) {
    case 'ceramic':
      return [
        'Ceramic shatters when it is pressed on one side or pried: flat die, full face, old adhesive off.',
      ]
    case 'aluminium':
      return ['Aluminium bends and keeps the bend: press it flat, never lever it.']
    case 'sapphire':
      return ['Sapphire chips at its edge: nothing hard against the rim.']
    case 'steel':
      return []
  }
}

/** A ring cut from double-sided film that stays hidden under an insert. All mm. */
export interface CutRing {
  readonly mostOuterMm: number
  readonly leastInnerMm: number
  readonly widthMm: number
}

/**
 * The widest pre-cut ring that does not show beside its insert: narrower than the insert's footprint (common practice).
 * @returns null when the insert is too narrow for any ring
 */
export function cutRingFor(
  { outerMm, innerMm }: Pick<StockInsert, 'outerMm' | 'innerMm'>,
  policy: BezelPolicy,
): CutRing | null {
  const mostOuterMm = outerMm - 2 * policy.ringInsideMm
  const leastInnerMm = innerMm + 2 * policy.ringInsideMm
  const widthMm = (mostOuterMm - leastInnerMm) / 2
  return reaches(widthMm, policy.leastRingMm) ? { mostOuterMm, leastInnerMm, widthMm } : null
}
