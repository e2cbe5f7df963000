'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import { useState } from 'react'
import type { Calls } from '@/services/actions'
import type { Refusal } from '@/services/boundary'
import type { BackupLine, BackupsState } from '@/services/shop/backups'
import { useOneAtATime } from '../forms/useOneAtATime'
import { useTimes } from '../small/useTimes'
import { WorkError } from '../stages/shared/WorkError'

const SHOWN = 5
const MEGABYTE = 1_000_000

const AWAY: Refusal = {
  ok: false,
  errors: { form: 'Not known whether it was made: Whyalon does not answer. Load the page again and look.' },
}

export interface BackupsPanelProps {
  readonly state: BackupsState
  readonly backUp: Calls['backUpNow']
}

/** The last good backup, when it was shown to restore, and one more on demand. */
export function BackupsPanel({ state: initial, backUp }: BackupsPanelProps) {
  const { clockText } = useTimes()
  const [state, setState] = useState(initial)
  const [error, setError] = useState(initial.trouble)
  const [make, busy] = useOneAtATime(async () => {
    setError(null)
    const made = await backUp({}).catch(() => AWAY)
    if (made.ok) setState(made.state)
    else setError(Object.values(made.errors).join(' '))
  })
  const { folder, backups } = state
  const good = backups.find(({ provedAt }) => provedAt !== null)
  if (folder === null)
    return (
      <Typography sx={{ mt: 1, color: 'error.main' }}>
        Switched off: WHYALON_BACKUPS says so. Nothing of this shop is kept twice.
      </Typography>
    )
  return (
    <Box component="section" aria-label="Backups" sx={{ mt: 1, maxWidth: 900 }}>
      <Typography suppressHydrationWarning sx={{ fontWeight: 700, color: good ? undefined : 'error.main' }}>
        {good
          ? `Last good one: ${clockText(good.madeAt)}, shown to restore ${clockText(good.provedAt ?? good.madeAt)}`
          : 'None yet: the first is made a minute after a start, then one a day.'}
      </Typography>
      <Typography sx={{ color: 'text.secondary', overflowWrap: 'anywhere' }}>
        In <span className="figure">{folder}</span>, of the last 7 days, 4 weeks and 12 months one each. Copy
        one to another disk now and then: a fire takes both.
      </Typography>
      <Box component="ul" aria-label="Backups there are" sx={{ pl: 2.5, my: 1, fontSize: 14.5 }}>
        {backups.slice(0, SHOWN).map((backup) => (
          <li key={backup.name} suppressHydrationWarning>
            {clockText(backup.madeAt)}, {sizeOf(backup)}
            {backup.provedAt === null && (
              <Box component="strong" sx={{ color: 'error.main' }}>
                , not shown to restore
              </Box>
            )}
          </li>
        ))}
        {backups.length > SHOWN && <li>and {backups.length - SHOWN} older</li>}
      </Box>
      <Button variant="outlined" onClick={() => void make()} disabled={busy}>
        {busy ? 'Making one, and restoring it to see …' : 'Back up now'}
      </Button>
      {error !== null && <WorkError text={error} />}
    </Box>
  )
}

function sizeOf({ bytes }: BackupLine): string {
  return `${(bytes / MEGABYTE).toFixed(1)} MB`
}
