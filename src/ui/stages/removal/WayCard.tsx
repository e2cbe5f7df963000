import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import type { PlannedWay } from '@/core/removal/planRemoval'
import { capital } from '@/core/units/capital'
import { minutesText } from '@/core/units/minutesText'
import { RiskBar } from './RiskBar'

interface WayCardProps {
  readonly way: PlannedWay
  /** null where it is taken, or cannot be */
  readonly onTake: (() => void) | null
}

const WORD = { allow: '', warn: 'With care', block: 'Blocked' } as const
const COLOUR = { allow: 'text.primary', warn: 'warning.main', block: 'error.main' } as const

/** One way to take a part off: how risky here, what it asks for, what it would meet, what this shop saw of it. */
export function WayCard({ way, onTake }: WayCardProps) {
  const { label, severity, findings, reasons, wayRound, steps, record, isTaken, against } = way
  const isShut = severity === 'block' || against !== null
  return (
    <Box
      component="li"
      data-testid="way"
      aria-current={isTaken ? 'true' : undefined}
      sx={{
        display: 'flex',
        flexDirection: 'column',
        gap: 0.75,
        px: 1.5,
        py: 1.25,
        borderTop: 3,
        borderColor: isTaken ? 'primary.main' : 'divider',
        bgcolor: isTaken ? 'var(--mui-palette-paper-chosen)' : 'background.paper',
        fontSize: 14.5,
        lineHeight: 1.35,
      }}
    >
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1, flexWrap: 'wrap' }}>
        <Box component="strong" sx={{ fontSize: 16, flexGrow: 1 }}>
          {capital(label)}
        </Box>
        <Box component="span" className="figure" sx={{ color: 'text.secondary', fontSize: 13.5 }}>
          {timeText(way)}
        </Box>
      </Box>
      <RiskBar risk={way.risk} isShut={isShut} />
      {severity !== 'allow' && (
        <Box component="strong" sx={{ color: COLOUR[severity] }}>
          {WORD[severity]}
        </Box>
      )}
      {findings.map(({ about, severity: bad, why, protect }) => (
        <Box key={`${about} ${why}`} sx={{ color: COLOUR[bad] }}>
          {about}: {why}
          {protect && `; ${protect}`}
        </Box>
      ))}
      {against !== null && severity !== 'block' && (
        <Box sx={{ color: 'error.main' }}>Not here: {against}</Box>
      )}
      {steps.length > 0 && (
        <Box component="ol" sx={{ m: 0, pl: 3 }}>
          {steps.map(({ title, activeMinutes, waitMinutes }) => (
            <li key={title}>
              {title}
              <Box component="span" sx={{ color: 'text.secondary', whiteSpace: 'nowrap' }}>
                {' '}
                {minutesText(activeMinutes)}
                {waitMinutes > 0 && `, then ${minutesText(waitMinutes)}`}
              </Box>
            </li>
          ))}
        </Box>
      )}
      <Box sx={{ color: 'text.secondary' }}>{capital(reasons.join('; '))}.</Box>
      {wayRound && (
        <Box>
          <strong>Way round.</strong> {wayRound}
        </Box>
      )}
      <Box sx={{ mt: 'auto', pt: 0.5, display: 'flex', alignItems: 'center', gap: 1 }}>
        <Box sx={{ flexGrow: 1, color: record.harmed > 0 ? 'warning.main' : 'text.secondary', fontSize: 14 }}>
          {recordText(record)}
        </Box>
        {isTaken && <strong>✓ taken</strong>}
        {onTake && (
          <Button
            size="small"
            onClick={onTake}
            aria-label={`Take it: ${label}`}
            sx={{ whiteSpace: 'nowrap' }}
          >
            Take it
          </Button>
        )}
      </Box>
    </Box>
  )
}

function timeText({ activeMinutes, waitMinutes, steps }: PlannedWay): string {
  if (steps.length === 0) return ''
  const wait = waitMinutes > 0 ? ` + ${minutesText(waitMinutes)} waiting` : ''
  return `${minutesText(activeMinutes)}${wait}`
}

function recordText({ tries, words, medianMinutes }: PlannedWay['record']): string {
  if (tries === 0) return 'Not tried in this shop yet'
  return medianMinutes === null ? words : `${words}; ${minutesText(Math.round(medianMinutes))} as a rule`
}
