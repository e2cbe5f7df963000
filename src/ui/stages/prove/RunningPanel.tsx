'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import { useState } from 'react'
import { RecordForm } from '../../forms/RecordForm'
import { useTimes } from '../../small/useTimes'
import { FileButton } from '../../small/FileButton'
import { VerdictLine } from '../../small/VerdictLine'
import { answerOf } from '../../tray/trayAnswer'
import { WorkError } from '../shared/WorkError'
import type { StageWorkProps } from '../StageWorkProps'

/** How the movement runs: compared with a clock at the start and at the end of a day, or on a timing machine. */
export function RunningPanel({ bench, actions }: StageWorkProps) {
  const { view } = bench.state
  const { running } = view
  const { clockText } = useTimes()
  const [asked, setAsked] = useState(false)
  const [error, setError] = useState<string | null>(null)
  const { standing, fields, notYet } = running
  const takeFile = async (file: File) => {
    const text = await file.text()
    const answer = await answerOf(actions.keepRunningFile({ trayId: view.tray.id, text }))
    setError(answer.ok ? null : `${file.name}: ${Object.values(answer.errors).join(' ')}`)
    if (answer.ok) bench.take(answer, bench.state.stage)
  }
  if (notYet !== null && standing === null) return null
  const inHand = view.tray.finishedAt === null
  const since = standing?.since ?? null
  return (
    <Box component="section" aria-label="Running" sx={{ mb: 1.5 }}>
      {standing !== null && standing.words !== '' && (
        <VerdictLine isGood={standing.isRight} words={standing.words} />
      )}
      {standing?.notes.map((note) => (
        <Typography key={note} sx={{ fontSize: 14.5, mt: 0.25 }}>
          {note}
        </Typography>
      ))}
      {since !== null && (
        <Typography role="status" sx={{ fontSize: 14.5, mt: 0.25 }}>
          Compared with the clock <span className="figure">{clockText(since)}</span>: compare it once more
          after a day.
        </Typography>
      )}
      {standing === null && (
        <Typography variant="body2" sx={{ color: 'text.secondary' }}>
          How far ahead of a clock now, and once more after a day: its rate with what that is worth. Or what a
          timing machine shows, position by position.
        </Typography>
      )}
      {inHand && notYet === null && (
        <Button
          variant="outlined"
          onClick={() => setAsked(!asked)}
          aria-expanded={asked}
          sx={{ minHeight: 44, mt: 0.75 }}
        >
          {since === null ? 'Compare its running' : 'Compare it once more'}
        </Button>
      )}
      {inHand && notYet === null && (
        <FileButton
          label="A timing machine’s file"
          accept=".csv,.txt,text/csv"
          onFile={(file) => void takeFile(file)}
        />
      )}
      <WorkError text={error} />
      {asked && inHand && (
        <RecordForm
          fields={fields}
          initial={{ by: 'clock', position: 'dial-up' }}
          submitLabel="Keep how it runs"
          dense
          onSubmit={async (values) => {
            const answer = await answerOf(actions.noteRunning({ trayId: view.tray.id, fields: values }))
            if (answer.ok) {
              setAsked(false)
              bench.take(answer, bench.state.stage)
            }
            return answer
          }}
        />
      )}
    </Box>
  )
}
