'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useState } from 'react'
import { FileButton } from '../../small/FileButton'
import { sendFile } from '../../small/sendFile'
import type { StageWorkProps } from '../StageWorkProps'
import { WorkError } from '../shared/WorkError'

/** A tray's readings out as CSV, and in again: all of a file or nothing. */
export function ReadingsExchange({ bench, actions }: StageWorkProps) {
  const { view } = bench.state
  const [error, setError] = useState<string | null>(null)
  const [done, setDone] = useState('')
  const address = `/api/trays/${view.tray.id}/readings`
  const take = async (file: File) => {
    setDone('')
    setError(null)
    const sent = await sendFile<{ added: number; known: number }>(address, file, 'text/csv')
    if (!sent.ok) return setError(sent.message)
    const { added, known } = sent.answer
    setDone(`${added} readings taken${known > 0 ? `, ${known} were here already` : ''}.`)
    // Only what is wrong is said: by now another file may have had its own answer.
    const stale = await bench.change(actions.showTray({ number: view.tray.number }))
    if (stale !== null) setError(stale)
  }
  return (
    <Box sx={{ mt: 0.5 }}>
      <Button size="small" href={address} component="a" download>
        Readings as CSV
      </Button>
      {view.tray.finishedAt === null && (
        <FileButton
          label="Take readings from CSV"
          accept=".csv,text/csv"
          onFile={(file) => void take(file)}
        />
      )}
      <Box component="span" role="status" sx={{ fontSize: 14, color: 'success.main' }}>
        {done}
      </Box>
      <WorkError text={error} />
    </Box>
  )
}
