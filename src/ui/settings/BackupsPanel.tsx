'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import { useState } from 'react'
import type { Keeping } from '@/core/backups/keptBackups'
import { KEEPING_FIELDS } from '@/core/backups/keptBackups'
import type { Calls } from '@/services/actions'
import type { Refusal } from '@/services/boundary'
import type { BackupLine, BackupsState } from '@/services/shop/backups'
import { FormDialog } from '../forms/FormDialog'
import { RecordForm } from '../forms/RecordForm'
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
  readonly keeping: Keeping
  readonly saveKeeping: Calls['saveBackupKeeping']
}

/** The last good backup, when it was shown to restore, and one more on demand. */
export function BackupsPanel({ state: initial, backUp, keeping, saveKeeping }: BackupsPanelProps) {
  const { clockText } = useTimes()
  const [state, setState] = useState(initial)
  const [error, setError] = useState(initial.trouble)
  const [isSetting, setSetting] = useState(false)
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
        In <span className="figure">{folder}</span>; {keepingText(keeping)}. Copy one to another disk now and
        then: a fire takes both.
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
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button variant="outlined" onClick={() => void make()} disabled={busy}>
          {busy ? 'Making one, and restoring it to see …' : 'Back up now'}
        </Button>
        <Button onClick={() => setSetting(true)}>How long they are kept</Button>
      </Box>
      {isSetting && (
        <FormDialog title="How long backups are kept" width="narrow" onClose={() => setSetting(false)}>
          <RecordForm
            fields={KEEPING_FIELDS}
            initial={{ ...keeping }}
            submitLabel="Store"
            onSubmit={async (fields, was) => {
              const result = await saveKeeping({ fields, was })
              if (result.ok) setSetting(false)
              return result
            }}
          />
        </FormDialog>
      )}
      {error !== null && <WorkError text={error} />}
    </Box>
  )
}

/** “the last 3 are kept, and one each of the last 7 days, 4 weeks and 12 months” */
function keepingText({ last, days, weeks, months }: Keeping): string {
  const spans = [`${days} days`, `${weeks} weeks`, `${months} months`].filter(
    (span) => !span.startsWith('0 '),
  )
  return spans.length === 0
    ? `the last ${last} are kept`
    : `the last ${last} are kept, and one each of the last ${new Intl.ListFormat('en').format(spans)}`
}

function sizeOf({ bytes }: BackupLine): string {
  return `${(bytes / MEGABYTE).toFixed(1)} MB`
}
