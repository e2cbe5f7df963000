import type { Magnifier } from '@/core/construction/kinds'
import { datePoint } from '@/core/plan-view/datePlace'
import type { CaseSheet } from '@/core/tray/CaseSheet'

/** The usual magnifier and date window, mm: for the drawing alone. From memory. */
const MAGNIFIER_ACROSS_MM = 6.5
const WINDOW_MM = { across: 2.8, high: 2 }

export interface DateMarkProps {
  readonly sheet: Pick<CaseSheet, 'dateRadiusMm' | 'dateAt' | 'magnifier'>
  /** of the crystal tried in the drawing; null when none is */
  readonly planned: Magnifier | null
}

/** Where a date stands, and the magnifier that belongs over it: dashed where the crystal tried has none. */
export function DateMark({ sheet, planned }: DateMarkProps) {
  const wanted = sheet.magnifier !== 'none'
  const there = planned === null ? wanted : planned !== 'none'
  if (sheet.dateRadiusMm === null || (!wanted && !there)) return null
  const { xMm, yMm } = datePoint(sheet.dateRadiusMm, sheet.dateAt)
  const [x, y] = [Number(xMm.toFixed(3)), Number(yMm.toFixed(3))]
  const thin = { vectorEffect: 'non-scaling-stroke' as const }
  return (
    <g data-magnifier={there ? 'there' : 'missing'}>
      <title>
        {there ? 'Magnifier over the date' : 'A magnifier belongs here: the crystal tried has none'}
      </title>
      <circle
        cx={x}
        cy={y}
        r={MAGNIFIER_ACROSS_MM / 2}
        fill={there ? 'var(--mui-palette-section-glass)' : 'none'}
        stroke={there ? 'var(--mui-palette-primary-main)' : 'var(--mui-palette-warning-main)'}
        strokeWidth={there ? 1.2 : 1.6}
        strokeDasharray={there ? undefined : '4 3'}
        {...thin}
      />
      <rect
        x={x - WINDOW_MM.across / 2}
        y={y - WINDOW_MM.high / 2}
        width={WINDOW_MM.across}
        height={WINDOW_MM.high}
        fill="none"
        stroke="var(--mui-palette-text-primary)"
        strokeWidth={1}
        {...thin}
      />
    </g>
  )
}
