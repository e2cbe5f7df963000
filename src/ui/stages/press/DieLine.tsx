import Box from '@mui/material/Box'
import Typography from '@mui/material/Typography'
import type { PlannedDie } from '@/core/press/plan/PlannedDie'
import { capital } from '@/core/units/capital'
import { formatMm } from '@/core/units/formatMm'
import { InlineStateMark } from '../../small/StateMark'

/** A die to take, with why; what would do where none fits, or what to read first. */
export function DieLine({ planned }: { readonly planned: PlannedDie }) {
  const { role, outcome } = planned
  const name = capital(role)
  if (!outcome)
    return (
      <Typography variant="body2" sx={{ mb: 0.5 }}>
        <strong>{name}</strong> {planned.ask}.
      </Typography>
    )
  if (!outcome.ok)
    return (
      <Typography sx={{ color: 'error.main', mb: 0.5 }}>
        <strong>{name}: none fits.</strong> {outcome.why}
        {outcome.nearest &&
          ` Nearest: ${outcome.nearest.code}, ${formatMm(outcome.nearest.outerDiameterMm, 0.1)}.`}
      </Typography>
    )
  const { die, reasons } = outcome.best
  return (
    <Box sx={{ mb: 0.5 }}>
      <Typography sx={{ fontWeight: 700 }}>
        {name} <span className="figure">{die.code}</span>{' '}
        <Box component="span" sx={{ fontWeight: 400 }}>
          {die.material}, {die.drawer}
        </Box>
      </Typography>
      <Typography variant="body2" sx={{ color: 'text.secondary' }}>
        {reasons.join('; ')}.
        {planned.by !== '' && (
          <>
            {' '}
            {planned.by.includes('assumed') && <InlineStateMark state="assumed" />} {capital(planned.by)}.
          </>
        )}
      </Typography>
    </Box>
  )
}
