'use client'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import Typography from '@mui/material/Typography'
import type { GridColDef } from '@mui/x-data-grid'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import type { SheetsTaken } from '@/services/sheets/exchangeSheets'
import type { CaseSheetLine } from '@/services/sheets/sheetPages'
import { PageFrame } from '../shell/PageFrame'
import { FileButton } from '../small/FileButton'
import { sendFile } from '../small/sendFile'
import { WorkError } from '../stages/shared/WorkError'
import { codeColumn, mmColumn, wordColumn } from '../tables/columns'
import { ListGrid } from '../tables/ListGrid'
import { matchesWords } from '../tables/matchesWords'

type Row = CaseSheetLine['sheet'] & { fared: string }

const COLUMNS: readonly GridColDef<Row>[] = [
  { ...codeColumn('maker', 'Maker'), cellClassName: '' },
  { ...codeColumn('reference', 'Reference'), cellClassName: '' },
  mmColumn('boreMm', 'Bore', 0.01),
  mmColumn('crystalDiameterMm', 'Crystal'),
  mmColumn('crystalEdgeMm', 'Edge'),
  wordColumn('crystalMaterial', 'Material'),
  wordColumn('crystalProfile', 'Profile'),
  mmColumn('gasketWallMm', 'Ring wall', 0.01),
  { field: 'fared', headerName: 'Pressed, went home', flex: 0.8, minWidth: 130 },
]

function takenText({ taken, known }: SheetsTaken): string {
  const left = known === 0 ? '' : ` ${known} were here already and stay as they are.`
  return `${taken} taken in.${left}`
}

/** Every case the shop knows. */
export function SheetsPage({ lines }: { lines: readonly CaseSheetLine[] }) {
  const router = useRouter()
  const [find, setFind] = useState('')
  const [error, setError] = useState<string | null>(null)
  const [taken, setTaken] = useState<string | null>(null)
  const rows = lines
    .map(({ sheet, runs, runsHome }) => ({
      ...sheet,
      fared: runs === 0 ? 'never' : `${runsHome} of ${runs}`,
    }))
    .filter((row) => matchesWords(row, find))
  return (
    <PageFrame
      title="Case sheets"
      subtitle={`${lines.length} cases known`}
      actions={
        <>
          <TextField
            label="Find"
            value={find}
            onChange={(event) => setFind(event.target.value)}
            placeholder="maker or reference"
          />
          <Button component={Link} href="/sheets/pressed">
            At the press
          </Button>
          <Button component="a" href="/api/sheets" download>
            Save all as JSON
          </Button>
          <FileButton
            label="Sheets from a file"
            size="medium"
            accept=".json,application/json"
            onFile={(file) => {
              void sendFile<SheetsTaken>('/api/sheets', file, 'application/json').then((sent) => {
                setError(sent.ok ? null : sent.message)
                setTaken(sent.ok ? takenText(sent.answer) : null)
                if (sent.ok && sent.answer.id !== null) router.push(`/sheets/${sent.answer.id}`)
                else if (sent.ok) router.refresh()
              })
            }}
          />
          <Button component={Link} href="/sheets/new" variant="contained">
            New case sheet
          </Button>
        </>
      }
    >
      <WorkError text={error} />
      {taken !== null && (
        <Typography role="status" sx={{ mb: 1 }}>
          {taken}
        </Typography>
      )}
      <ListGrid
        label="Case sheets"
        rows={rows}
        columns={COLUMNS}
        onOpen={(row) => router.push(`/sheets/${row.id}`)}
        height="calc(100vh - 150px)"
      />
    </PageFrame>
  )
}
