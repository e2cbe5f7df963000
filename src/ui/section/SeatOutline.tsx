import type { TrayView } from '@/services/tray/trayView'

interface RebateShape {
  readonly lengthMm: number
  readonly widthMm: number
  readonly cornerMm: number
}

/** The rebate of a shaped crystal; null for everything round. */
export function rebateShape({ readout }: TrayView): RebateShape | null {
  const sides = readout.seat.ok ? readout.seat.seat.sides : null
  return (
    sides && {
      lengthMm: sides.length.valueMm,
      widthMm: sides.width.valueMm,
      cornerMm: sides.cornerRadius?.valueMm ?? 0,
    }
  )
}

/** A shaped case is as wide as it was measured, and leaves the same wall all round its rebate. */
export function caseShape({ lengthMm, widthMm, cornerMm }: RebateShape, caseWidthMm: number): RebateShape {
  const wallMm = Math.max(1, (caseWidthMm - widthMm) / 2)
  return { lengthMm: lengthMm + 2 * wallMm, widthMm: widthMm + 2 * wallMm, cornerMm: cornerMm + wallMm / 2 }
}

interface SeatOutlineProps {
  readonly shape: RebateShape | null
  readonly radiusMm: number
  /** size against the bore, for what lies inside it */
  readonly ofBore: number
  readonly colour: string
  readonly width: number
}

/** What the crystal sits in, from above: a circle, or a rounded rectangle with 12 up. */
export function SeatOutline({ shape, radiusMm, ofBore, colour, width }: SeatOutlineProps) {
  const thin = {
    fill: 'none',
    vectorEffect: 'non-scaling-stroke' as const,
    stroke: colour,
    strokeWidth: width,
  }
  if (!shape) return <circle r={radiusMm} {...thin} />
  const [across, along] = [shape.widthMm * ofBore, shape.lengthMm * ofBore]
  return (
    <rect
      x={-across / 2}
      y={-along / 2}
      width={across}
      height={along}
      rx={shape.cornerMm * ofBore}
      {...thin}
    />
  )
}
