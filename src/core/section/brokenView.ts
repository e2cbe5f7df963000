/**
 * A broken view: a wide thing drawn to one scale by leaving out the dull middle, as on an engineering drawing.
 * The section shows both edges and the centre, where readings land; what lies between is cut out on both sides.
 */

/** A strip of the section that is shown, in section millimetres (found half negative) and in screen units. */
export interface ViewStrip {
  readonly id: 'found-edge' | 'centre' | 'planned-edge'
  readonly fromMm: number
  readonly toMm: number
  readonly screenX: number
  readonly screenWidth: number
}

export interface BrokenView {
  readonly strips: readonly ViewStrip[]
  /** screen units a mm, the same in both axes */
  readonly scale: number
  readonly width: number
  /** true when nothing had to be left out */
  readonly whole: boolean
}

export interface BrokenViewOptions {
  /** outermost radius to show, mm */
  readonly outerMm: number
  /** innermost radius of the edge strips, mm */
  readonly edgeFromMm: number
  /** half-width of the centre strip, mm */
  readonly centreMm: number
  /** screen width to fill */
  readonly width: number
  /** screen width of each gap between strips */
  readonly gap: number
}

/** Lays out the three strips over a screen width at the largest scale that fits. */
export function brokenView({ outerMm, edgeFromMm, centreMm, width, gap }: BrokenViewOptions): BrokenView {
  if (!(outerMm > 0) || !(width > 2 * gap)) {
    throw new RangeError(
      `brokenView: expected outerMm > 0 and width > ${2 * gap}, got ${outerMm} and ${width}`,
    )
  }
  if (edgeFromMm <= centreMm) {
    const strip: ViewStrip = { id: 'centre', fromMm: -outerMm, toMm: outerMm, screenX: 0, screenWidth: width }
    return { strips: [strip], scale: width / (2 * outerMm), width, whole: true }
  }
  const edgeMm = outerMm - edgeFromMm
  const scale = (width - 2 * gap) / (2 * edgeMm + 2 * centreMm)
  const edgeWidth = edgeMm * scale
  const centreWidth = 2 * centreMm * scale
  return {
    scale,
    width,
    whole: false,
    strips: [
      { id: 'found-edge', fromMm: -outerMm, toMm: -edgeFromMm, screenX: 0, screenWidth: edgeWidth },
      { id: 'centre', fromMm: -centreMm, toMm: centreMm, screenX: edgeWidth + gap, screenWidth: centreWidth },
      {
        id: 'planned-edge',
        fromMm: edgeFromMm,
        toMm: outerMm,
        screenX: edgeWidth + 2 * gap + centreWidth,
        screenWidth: edgeWidth,
      },
    ],
  }
}

/**
 * Screen position of a section coordinate.
 * @param mm - signed: found half negative
 * @returns null when that place is cut out
 */
export function screenXOf(view: BrokenView, mm: number): number | null {
  const strip = view.strips.find((s) => mm >= s.fromMm - 1e-9 && mm <= s.toMm + 1e-9)
  return strip ? strip.screenX + (mm - strip.fromMm) * view.scale : null
}
