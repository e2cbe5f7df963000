import { useId } from 'react'
import type { ShapeInput, ShapeOutcome } from '@/core/shapes/shapeSize'
import { formatMm } from '@/core/units/formatMm'

export interface FragmentDrawingProps {
  /** null while figures are missing */
  readonly input: ShapeInput | null
  readonly outcome: ShapeOutcome | null
}

const thin = { fill: 'none', vectorEffect: 'non-scaling-stroke' as const }
const mm = (value: number) => value.toFixed(3)

/** The circle that was found, to scale, with the piece of it that was there: the shorter the piece, the worse. */
export function FragmentDrawing({ input, outcome }: FragmentDrawingProps) {
  const titleId = useId()
  if (!input || !outcome?.ok) return null
  const radius = outcome.diameter.valueMm / 2
  const centre = outcome.fit?.centre
  const half = radius * 1.12
  return (
    <svg
      viewBox={`${-half} ${-half} ${2 * half} ${2 * half}`}
      width="100%"
      style={{ maxWidth: 190 }}
      role="img"
      aria-labelledby={titleId}
    >
      <title
        id={titleId}
      >{`circle of ${formatMm(outcome.diameter.valueMm)} mm through ${outcome.words}`}</title>
      <circle r={mm(radius)} {...thin} stroke="var(--mui-palette-text-secondary)" strokeDasharray="4 4" />
      {input.kind === 'chord' && outcome.arcDeg !== null && (
        <ChordPiece radius={radius} arcDeg={outcome.arcDeg} />
      )}
      {input.kind === 'points' && centre && (
        <g>
          {input.points.map((point, i) => (
            <circle
              key={i}
              cx={mm(point.xMm - centre.xMm)}
              cy={mm(centre.yMm - point.yMm)}
              r={mm(radius * 0.03)}
              fill={outcome.inliers?.[i] ? 'var(--mui-palette-primary-main)' : 'none'}
              stroke={outcome.inliers?.[i] ? 'none' : 'var(--mui-palette-error-main)'}
              strokeWidth={1.5}
              vectorEffect="non-scaling-stroke"
            />
          ))}
        </g>
      )}
    </svg>
  )
}

/** Arc, chord and sagitta, the arc's middle at the top. */
function ChordPiece({ radius, arcDeg }: { radius: number; arcDeg: number }) {
  const half = (arcDeg * Math.PI) / 360
  const x = radius * Math.sin(half)
  const y = -radius * Math.cos(half)
  return (
    <>
      <path
        d={`M${mm(-x)} ${mm(y)}A${mm(radius)} ${mm(radius)} 0 ${arcDeg > 180 ? 1 : 0} 1 ${mm(x)} ${mm(y)}`}
        {...thin}
        stroke="var(--mui-palette-primary-main)"
        strokeWidth={4}
      />
      <path
        d={`M${mm(-x)} ${mm(y)}L${mm(x)} ${mm(y)}M0 ${mm(y)}L0 ${mm(-radius)}`}
        {...thin}
        stroke="currentColor"
        strokeWidth={1.2}
      />
    </>
  )
}
