import Box from '@mui/material/Box'
import Typography from '@mui/material/Typography'
import type { SeatSides } from '@/core/fit/CrystalSeat'
import type { FitPolicy } from '@/core/fit/fitPolicy'
import { COVERAGE_FACTOR } from '@/core/measure/coverageFactor'
import { formatMm } from '@/core/units/formatMm'

export interface SidesPanelProps {
  readonly sides: SeatSides
  readonly policy: FitPolicy
}

/** A shaped crystal has sides, not a size: what the rebate asks for along and across. */
export function SidesPanel({ sides, policy }: SidesPanelProps) {
  const { lowMm, highMm } = policy.cementGap
  const asked = (rebateMm: number) => formatMm(rebateMm - (lowMm + highMm), 0.1)
  const doubt = (u: number) => formatMm(COVERAGE_FACTOR * u)
  const { length, width, cornerRadius } = sides
  return (
    <Box component="section" aria-label="Size verdict">
      <Typography variant="body2" sx={{ color: 'text.secondary' }}>
        The rebate asks for
      </Typography>
      <Typography className="figure" sx={{ fontSize: '3.4rem', lineHeight: 1.1, fontWeight: 700 }}>
        {asked(length.valueMm)} × {asked(width.valueMm)}
      </Typography>
      <Typography variant="body2">
        Rebate {formatMm(length.valueMm)} ±{doubt(length.standardUncertaintyMm)} along 12–6,{' '}
        {formatMm(width.valueMm)} ±{doubt(width.standardUncertaintyMm)} across; less {formatMm(lowMm)}–
        {formatMm(highMm)} a side for the cement.{' '}
        {cornerRadius
          ? `Corners of ${formatMm(cornerRadius.valueMm, 0.1)} or rounder.`
          : 'Corner radius not measured: a sharper corner does not go in.'}
      </Typography>
    </Box>
  )
}
