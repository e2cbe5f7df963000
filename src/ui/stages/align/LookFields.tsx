import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import Typography from '@mui/material/Typography'
import { PAIR_WORDS } from '@/core/straight/pairs'
import type { LookMethod } from '@/core/straight/StraightLook'
import { LOOK_METHODS, METHOD_WORDS } from '@/core/straight/StraightLook'
import { RingPictureButton } from '../../ring-picture/RingPictureButton'
import type { LookDraft, StraightForm } from './useStraightForm'
import { HOUR_SETS } from './useStraightForm'

const TILTED = [
  ['', 'not tried'],
  ['yes', 'moves when tilted'],
  ['no', 'stands fast'],
] as const

interface LookFieldsProps {
  readonly form: StraightForm
  readonly draft: LookDraft
  /** keys of the page rest while a dialog is open */
  readonly onAsk: (isOpen: boolean) => void
}

/** What else there is to a look: what it was read with and where, what the owner lets pass, and how a ring took a tilt. */
export function LookFields({ form, draft, onAsk }: LookFieldsProps) {
  const { shown, errors, inHand } = form
  if (!shown || !inHand) return null
  const { isRing } = PAIR_WORDS[shown.pair]
  return (
    <Box
      component="form"
      noValidate
      onSubmit={(event: React.FormEvent) => {
        event.preventDefault()
        form.store()
      }}
      sx={{ mt: 1 }}
    >
      <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(150px, 1fr))', gap: 1.25 }}>
        <TextField
          select
          size="small"
          label="Read with"
          value={draft.method}
          onChange={(event) => form.type({ method: methodOf(event.target.value) })}
        >
          {LOOK_METHODS.map((method) => (
            <MenuItem key={method} value={method}>
              {METHOD_WORDS[method]}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          size="small"
          label="Radius, mm"
          value={draft.radius}
          error={errors['radius'] !== undefined}
          onChange={(event) => form.type({ radius: event.target.value })}
        />
        <TextField
          size="small"
          label="Owner lets pass, mm"
          value={draft.limit}
          error={errors['limit'] !== undefined}
          onChange={(event) => form.type({ limit: event.target.value })}
        />
        {shown.pair === 'chapter-dial' && (
          <TextField
            select
            size="small"
            label="Tilted"
            value={draft.moves === null ? '' : draft.moves ? 'yes' : 'no'}
            onChange={(event) =>
              form.type({ moves: event.target.value === '' ? null : event.target.value === 'yes' })
            }
            slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
          >
            {TILTED.map(([value, words]) => (
              <MenuItem key={value} value={value}>
                {words}
              </MenuItem>
            ))}
          </TextField>
        )}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1, mt: 1.25 }}>
        <Button type="submit" variant="contained" sx={{ minHeight: 44 }}>
          Keep this look
        </Button>
        {isRing && <RingPictureButton form={form} onAsk={onAsk} />}
        {shown.standing && (
          <Button onClick={form.cancel} sx={{ minHeight: 44 }}>
            Do not read now
          </Button>
        )}
        {isRing && (
          <ToggleButtonGroup
            exclusive
            size="small"
            value={draft.hours.length}
            aria-label="Places round the ring"
            onChange={(_, count: number | null) => {
              const hours = count === null ? undefined : HOUR_SETS[count]
              if (hours) form.type({ hours })
            }}
          >
            {Object.keys(HOUR_SETS).map((count) => (
              <ToggleButton key={count} value={Number(count)} sx={{ minWidth: 44, minHeight: 40 }}>
                {count}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
        )}
      </Box>
      {Object.entries(errors).map(([field, words]) => (
        <Typography key={field} role="alert" sx={{ color: 'error.main', fontSize: 14.5, mt: 0.5 }}>
          {words}
        </Typography>
      ))}
    </Box>
  )
}

function methodOf(value: string): LookMethod {
  return LOOK_METHODS.find((method) => method === value) ?? 'loupe'
}
