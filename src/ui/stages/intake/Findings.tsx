'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import type { FindingKind } from '@/core/intake/Finding'
import { FINDING_WORDS } from '@/core/intake/Finding'
import { useOneAtATime } from '../../forms/useOneAtATime'
import type { StageWorkProps } from '../StageWorkProps'
import { WorkError } from '../shared/WorkError'

export interface FindingsProps extends StageWorkProps {
  readonly kind: FindingKind
  readonly label: string
  readonly help: string
}

/** Findings of one kind, for the report: noted in words, taken back when wrong. */
export function Findings({ bench, actions, kind, label, help }: FindingsProps) {
  const { view, stage } = bench.state
  const [words, setWords] = useState('')
  const [error, setError] = useState<string | null>(null)
  const inHand = view.tray.finishedAt === null
  const found = view.job.findings.filter((finding) => finding.kind === kind)
  const [note, busy] = useOneAtATime(async () => {
    const wrong = await bench.change(actions.noteFinding({ trayId: view.tray.id, kind, words, stage }))
    setError(wrong)
    // What was typed stays until it is stored.
    if (wrong === null) setWords('')
  })
  return (
    <Box sx={{ mt: 1 }}>
      {found.map((finding) => (
        <Box
          key={finding.id}
          sx={{ display: 'flex', gap: 1, alignItems: 'center', borderTop: 1, borderColor: 'divider' }}
        >
          <Box sx={{ flexGrow: 1, fontSize: 15, overflowWrap: 'anywhere' }}>
            “{finding.words}”{' '}
            <span style={{ color: 'var(--mui-palette-text-secondary)' }}>{FINDING_WORDS[kind]}</span>
          </Box>
          {inHand && (
            <Button
              size="small"
              aria-label={`Take back: ${finding.words}`}
              onClick={() =>
                void bench
                  .change(actions.takeBackNote({ trayId: view.tray.id, findingId: finding.id }))
                  .then(setError)
              }
            >
              take back
            </Button>
          )}
        </Box>
      ))}
      {inHand && (
        <Box
          component="form"
          onSubmit={(event) => {
            event.preventDefault()
            void note()
          }}
          sx={{ display: 'grid', gridTemplateColumns: 'minmax(0,1fr) auto', gap: 1, alignItems: 'start' }}
        >
          <TextField
            label={label}
            placeholder={help}
            value={words}
            onChange={(event) => setWords(event.target.value)}
            margin="dense"
            fullWidth
          />
          <Button type="submit" variant="outlined" disabled={busy} sx={{ mt: 1 }}>
            Note
          </Button>
        </Box>
      )}
      <WorkError text={error} />
    </Box>
  )
}
