import type { Die } from '../dies/Die'
import type { Outline, Point, SectionMaterial } from './outline'

/** A die where it bears, as half of a section. */
export interface DrawnDie {
  readonly role: 'pusher' | 'support'
  readonly code: string
  /** closed polygon */
  readonly points: readonly Point[]
}

export interface DiesToDraw {
  /** null while none is chosen */
  readonly pusher: Die | null
  readonly support: Die | null
}

/** So much of a die is drawn, mm: it is a stub, not the whole. */
const SHOWN_MM = 1.6
/** What is left over a recess, mm. */
const FLOOR_MM = 0.3
/** A die bears a hair inside its edge, mm. */
const INSIDE_MM = 0.02
const PLACES = 24

/**
 * From where a case is pressed: `in` from above; `out` from inside on its crystal, and `shut` from behind on its back,
 * the case standing on what is its top.
 */
export type PressWay = 'in' | 'out' | 'shut'

const BODY: readonly SectionMaterial[] = ['case', 'bezel', 'insert', 'back']
/** What a pusher may meet. */
const PUSHED: Readonly<Record<PressWay, readonly SectionMaterial[]>> = {
  in: ['crystal', ...BODY],
  out: ['crystal'],
  shut: BODY,
}

/** Pusher and support where they bear on the case. */
export function drawnDies(
  outlines: readonly Outline[],
  { pusher, support }: DiesToDraw,
  way: PressWay,
): DrawnDie[] {
  const of = (materials: readonly SectionMaterial[]) =>
    outlines.filter(({ material }) => materials.includes(material))
  const fromAbove = way === 'in'
  const pushed = pusher && faceOn(of(PUSHED[way]), pusher, fromAbove ? 'top' : 'under')
  const held = support && faceOn(of(BODY), support, fromAbove ? 'under' : 'top')
  return [
    ...(pusher && pushed !== null ? [stub('pusher', pusher, pushed, fromAbove ? 1 : -1)] : []),
    ...(support && held !== null ? [stub('support', support, held, fromAbove ? -1 : 1)] : []),
  ]
}

/** Where a die's ring first meets what it comes down on; null where nothing lies in its way. */
function faceOn(outlines: readonly Outline[], die: Die, side: 'top' | 'under'): number | null {
  const [from, to] = [die.openingMm / 2 + INSIDE_MM, die.outerDiameterMm / 2 - INSIDE_MM]
  const met = Array.from({ length: PLACES + 1 }, (_, i) =>
    heightsAt(outlines, from + ((to - from) * i) / PLACES),
  ).flat()
  if (met.length === 0) return null
  return side === 'top' ? Math.max(...met) : Math.min(...met)
}

/** Heights at which outlines are crossed at a radius. */
function heightsAt(outlines: readonly Outline[], radius: number): number[] {
  return outlines.flatMap(({ points }) =>
    points.flatMap(([r1, z1], i) => {
      const [r2, z2] = points[(i + 1) % points.length] ?? [r1, z1]
      if (r1 === r2 || radius < Math.min(r1, r2) || radius > Math.max(r1, r2)) return []
      return [z1 + ((z2 - z1) * (radius - r1)) / (r2 - r1)]
    }),
  )
}

/** @param up - 1: its body lies above its face, −1: below */
function stub(role: DrawnDie['role'], die: Die, face: number, up: 1 | -1): DrawnDie {
  const [inner, outer] = [die.openingMm / 2, die.outerDiameterMm / 2]
  const back = face + up * SHOWN_MM
  // A support's opening goes through as far as it is drawn.
  const floor = face + up * Math.min(die.recessDepthMm, SHOWN_MM - FLOOR_MM)
  const points: readonly Point[] =
    inner === 0
      ? [
          [0, face],
          [outer, face],
          [outer, back],
          [0, back],
        ]
      : role === 'support'
        ? [
            [inner, face],
            [outer, face],
            [outer, back],
            [inner, back],
          ]
        : [
            [inner, face],
            [outer, face],
            [outer, back],
            [0, back],
            [0, floor],
            [inner, floor],
          ]
  return { role, code: die.code, points }
}
