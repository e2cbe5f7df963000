import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import Typography from '@mui/material/Typography'
import type { PressAdvice } from '@/core/press/plan/whichPress'
import type { TrayView } from '@/services/tray/trayView'

export interface PressChoiceProps {
  readonly presses: TrayView['presses']
  readonly pressId: number | null
  readonly advice: PressAdvice
  readonly onChange: (id: number) => void
}

/** The press it is done with; which one the plan would take, and why. */
export function PressChoice({ presses, pressId, advice, onChange }: PressChoiceProps) {
  return (
    <>
      {presses.length > 0 && (
        <ToggleButtonGroup
          exclusive
          size="small"
          value={pressId}
          onChange={(_, id: number | null) => id !== null && onChange(id)}
          aria-label="Press"
          fullWidth
        >
          {presses.map(({ id, name }) => (
            <ToggleButton key={id} value={id}>
              {name}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
      )}
      <Typography variant="body2" sx={{ mt: 0.5, color: 'text.secondary' }}>
        Would take {advice.why}.
      </Typography>
    </>
  )
}
