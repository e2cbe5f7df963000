import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import { useState } from 'react'
import type { StraightForm } from './useStraightForm'

interface DoneAndLookProps {
  readonly form: StraightForm
  /** its last look is sure, and of how it stands now: something may be done on it */
  readonly counts: boolean
}

/** Once a remedy was done it is looked at again, as often as it takes: each round is kept. */
export function DoneAndLook({ form, counts }: DoneAndLookProps) {
  const { remedy, draft } = form
  const [asked, setAsked] = useState<string | null>(null)
  if (!remedy || draft) return null
  const isDone = counts && remedy.id !== 'leave' && remedy.against === null
  const asks = isDone && remedy.undo === 'never'
  return (
    <Box sx={{ mt: 1 }}>
      {asks && (
        <FormControlLabel
          control={
            <Checkbox
              checked={asked === remedy.id}
              onChange={(event) => setAsked(event.target.checked ? remedy.id : null)}
            />
          }
          label="The owner was asked: it cannot be taken back"
        />
      )}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        {isDone && (
          <Button
            variant="contained"
            disabled={asks && asked !== remedy.id}
            onClick={() => form.readAgain(remedy.id, asks)}
            sx={{ minHeight: 44 }}
          >
            Done: look again
          </Button>
        )}
        <Button variant="outlined" onClick={() => form.readAgain(null, false)} sx={{ minHeight: 44 }}>
          Read again as it stands
        </Button>
      </Box>
    </Box>
  )
}
