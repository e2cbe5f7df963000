'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import Typography from '@mui/material/Typography'
import type { OwnPartId, Seen } from '@/core/own-parts/OwnPart'
import { OWN_PARTS } from '@/core/own-parts/OwnPart'
import type { OwnPart } from '@/core/own-parts/ownParts'
import type { StageWorkProps } from '../StageWorkProps'
import { WorkError } from './WorkError'
import { capital } from '@/core/units/capital'
import { useErrorAt } from './useErrorAt'

export interface OwnPartsPanelProps extends StageWorkProps {
  /** left out, all the job touches are shown */
  readonly only?: (part: OwnPart) => boolean
  /** null among the choices themselves, where what may go back is seen */
  readonly title?: string | null
}

/** What came off and may go back: looked over here, judged with what the drawers hold. */
export function OwnPartsPanel({
  bench,
  actions,
  only = () => true,
  title = 'Its own parts, as they look now',
}: OwnPartsPanelProps) {
  const [error, setError] = useErrorAt(bench.state.view)
  const { tray, ownParts } = bench.state.view
  const parts = ownParts.filter(only)
  if (parts.length === 0) return null
  const trayId = tray.id
  const open = tray.finishedAt === null
  const see = (part: OwnPartId) => (seen: Seen) =>
    void bench.change(actions.lookOver({ trayId, part, seen })).then(setError)
  const giveBack = (part: OwnPartId, goesBack: boolean) =>
    void bench.change(actions.ownBack({ trayId, part, goesBack })).then(setError)
  return (
    <Box component="section" aria-label="Its own parts" sx={{ mt: title === null ? 0.5 : 1.5 }}>
      {title !== null && (
        <Typography variant="h3" component="h3">
          {title}
        </Typography>
      )}
      {parts.map((part) => (
        <Box
          key={part.id}
          data-testid={`own-${part.id}`}
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: '1fr', sm: '128px minmax(0,1fr)' },
            columnGap: 1.5,
            alignItems: 'center',
            py: 0.75,
            borderBottom: 1,
            borderColor: 'divider',
          }}
        >
          <strong>Its {OWN_PARTS[part.id].label}</strong>
          <Box sx={{ display: 'flex', alignItems: 'center', columnGap: 1.5, rowGap: 0.25, flexWrap: 'wrap' }}>
            <SeenChoice part={part} onSee={open ? see(part.id) : null} />
            {(title !== null || part.against !== null || OWN_PARTS[part.id].goes !== 'picked') && (
              <GoesBack part={part} onSay={open ? (goesBack) => giveBack(part.id, goesBack) : null} />
            )}
          </Box>
        </Box>
      ))}
      <WorkError text={error} />
    </Box>
  )
}

interface SeenChoiceProps {
  readonly part: OwnPart
  /** null once the tray is handed back */
  readonly onSee: ((seen: Seen) => void) | null
}

function SeenChoice({ part, onSee }: SeenChoiceProps) {
  const { label, seen: ways } = OWN_PARTS[part.id]
  return (
    <ToggleButtonGroup
      exclusive
      size="small"
      aria-label={`How the ${label} looks`}
      value={part.seen}
      disabled={onSee === null}
      // Pressed once more it stays: a look cannot be unlooked.
      onChange={(_, seen: Seen | null) => seen && onSee?.(seen)}
    >
      {ways.map((way) => (
        <ToggleButton key={way} value={way} sx={{ minHeight: 36, px: 1.25 }}>
          {way}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  )
}

interface GoesBackProps {
  readonly part: OwnPart
  readonly onSay: ((goesBack: boolean) => void) | null
}

/** May it go back, and for what is not picked at Match: does it? */
function GoesBack({ part, onSay }: GoesBackProps) {
  if (part.against !== null)
    return (
      <Typography sx={{ fontSize: 14, color: part.mayStill ? 'text.secondary' : 'warning.main' }}>
        {capital(part.against)}.
      </Typography>
    )
  const { goes } = OWN_PARTS[part.id]
  if (goes === 'unless-unfit')
    return <Typography sx={{ fontSize: 14, color: 'success.main' }}>Goes back.</Typography>
  if (goes === 'picked')
    return (
      <Typography sx={{ fontSize: 14, color: 'success.main' }}>May go back: pick it at Match.</Typography>
    )
  return (
    <>
      {part.goesBack && (
        <Box component="strong" sx={{ fontSize: 14, color: 'success.main' }}>
          ✓ its own goes back
        </Box>
      )}
      {onSay && (
        <Button
          size="small"
          variant={part.goesBack ? 'text' : 'outlined'}
          onClick={() => onSay(!part.goesBack)}
        >
          {part.goesBack ? 'A new one after all' : 'Its own goes back'}
        </Button>
      )}
    </>
  )
}
