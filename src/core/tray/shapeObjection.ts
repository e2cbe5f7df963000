import type { Estimate } from '../measure/Estimate'
import type { InstrumentKind } from '../measure/InstrumentSpec'
import { DIMENSIONS } from '../readings/dimensions'
import { reachOf, reachText } from '../readings/instrumentFor'
import type { ShapeInput } from '../shapes/shapeSize'
import { formatMm } from '../units/formatMm'
import type { CaseSheet } from './CaseSheet'
import { figureOf } from './caseFigures'
import type { MeasuredFigures } from './measuredFigures'

/** What lies further than so many standard deviations beyond what holds it is a slip, not a crystal. */
const BEYOND = 4

/** A crystal that grips its opening is wider than it by this at most, mm: snapped acrylic. From memory. */
const MOST_GRIP_MM = 0.5

/**
 * Why a crystal's size by a way round the jaws cannot be so on this case; null where it can.
 * @param kind - of the instrument that read it
 */
export function shapeObjection(
  shape: ShapeInput,
  kind: InstrumentKind,
  { measured, sheet }: { readonly measured: MeasuredFigures; readonly sheet: CaseSheet },
): string | null {
  if (shape.kind === 'points' || shape.kind === 'photo') return null
  if (reachOf(kind, 'crystal-diameter') === 'cannot') return reachText(kind, 'crystal-diameter')
  const across = acrossOf(shape)
  const [holds] = (['bore', 'crystal-diameter'] as const).flatMap((dimension) => {
    const figure = figureOf(dimension, measured, sheet)
    return figure ? [{ dimension, ...figure }] : []
  })
  if (!across || !holds) return null
  const mostMm = holds.valueMm + BEYOND * holds.standardUncertaintyMm
  if (across.mm <= mostMm) return null
  const { label } = DIMENSIONS[holds.dimension]
  return `${across.name}: ${formatMm(across.mm)} mm is wider than a crystal of this case can be (${label.toLowerCase()} ${formatMm(holds.valueMm)} mm). ${across.instead}`
}

/**
 * Why a crystal's diameter, however it was found, cannot be so on this case: it is surely wider than what it lies in.
 * @returns null where it can be so
 */
export function crystalObjection(
  { valueMm, standardUncertaintyMm }: Estimate,
  { measured, sheet }: { readonly measured: MeasuredFigures; readonly sheet: CaseSheet },
): string | null {
  const bore = figureOf('bore', measured, sheet)
  if (!bore) return null
  const beyond = BEYOND * Math.hypot(standardUncertaintyMm, bore.standardUncertaintyMm)
  if (valueMm <= bore.valueMm + MOST_GRIP_MM + beyond) return null
  return `Crystal diameter: ${formatMm(valueMm)} mm is wider than its case bore, ${formatMm(bore.valueMm)} mm. Read again, or correct the bore first if that is the wrong one.`
}

/** The longest length of it that lies inside the crystal's rim. */
function acrossOf(shape: ShapeInput): { name: string; mm: number; instead: string } | null {
  switch (shape.kind) {
    case 'chord':
      return {
        name: 'Chord',
        mm: shape.chordMm,
        instead: 'Measure between the two ends of one piece’s rim.',
      }
    case 'visible-top':
      return {
        name: 'Top with its bevels',
        mm: shape.topMm + 2 * shape.bevelMm,
        instead: 'Measure the flat top, and one bevel as it is seen from above.',
      }
    default:
      return null
  }
}
