import type { Die } from '../dies/Die'
import { formatMm } from '../units/formatMm'

/** What a socket has to grip. */
export interface BackGrip {
  /** knurled rim's diameter, or width across flats, mm; > 0 */
  readonly gripMm: number
  /** number of flats; null for a knurled rim */
  readonly sides: number | null
}

export type SocketOutcome =
  { ok: true; socket: Die; playMm: number; reason: string } | { ok: false; nearest: Die | null; why: string }

/** Play of a socket over what it grips, mm. From memory: more and it rounds the corners or skids on the knurl. */
const LEAST_PLAY_MM = 0
const MOST_PLAY_MM = { flats: 0.15, knurl: 0.1 } as const
/** Comparing decimal fractions: 29.6 − 29.5 is a hair more than 0.1. */
const SAME_MM = 1e-9

/**
 * The socket die for a coin-edge or polygon back: the closest that goes over it with little play.
 * @throws RangeError when gripMm is not > 0
 */
export function backSocket(dies: readonly Die[], { gripMm, sides }: BackGrip): SocketOutcome {
  if (!(gripMm > 0)) throw new RangeError(`gripMm: expected > 0 mm, got ${gripMm}`)
  const mostMm = sides === null ? MOST_PLAY_MM.knurl : MOST_PLAY_MM.flats
  const kind = sides === null ? 'knurled' : `${sides}-sided`
  const sockets = dies
    .filter((die) => die.role === 'socket' && die.sides === sides)
    .map((die) => ({ die, playMm: die.openingMm - gripMm }))
    .sort((a, b) => Math.abs(a.playMm) - Math.abs(b.playMm))
  const fitting = sockets.find((s) => s.playMm >= LEAST_PLAY_MM - SAME_MM && s.playMm <= mostMm + SAME_MM)
  if (fitting) {
    const { die, playMm } = fitting
    return {
      ok: true,
      socket: die,
      playMm,
      reason: `${kind} socket ${die.code}, ${die.drawer}: ${formatMm(die.openingMm)} over ${formatMm(gripMm)}, play ${formatMm(Math.max(0, playMm))}`,
    }
  }
  const nearest = sockets[0]?.die ?? null
  const beside = nearest ? ` Nearest is ${nearest.code} with ${formatMm(nearest.openingMm)}.` : ''
  return {
    ok: false,
    nearest,
    why: `No ${kind} socket of ${formatMm(gripMm)}–${formatMm(gripMm + mostMm)} in the die drawer.${beside} A looser one skids: order or turn one.`,
  }
}
