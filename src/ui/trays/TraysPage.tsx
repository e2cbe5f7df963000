'use client'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import type { GridColDef } from '@mui/x-data-grid'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import type { StageId } from '@/core/stages/stages'
import { stageLabel } from '@/core/stages/stages'
import type { TrayLine } from '@/services/tray/trayPages'
import { PageFrame } from '../shell/PageFrame'
import { dayText, dueText } from '../small/dueText'
import { codeColumn, countColumn } from '../tables/columns'
import { ListGrid } from '../tables/ListGrid'
import { matchesWords } from '../tables/matchesWords'

type Row = TrayLine & { id: number }

const COLUMNS: readonly GridColDef<Row>[] = [
  countColumn('number', 'Tray'),
  { ...codeColumn('caseName', 'Case', 1.2), cellClassName: '' },
  { ...codeColumn('owner', 'Owner', 1.3), cellClassName: '' },
  {
    field: 'stage',
    headerName: 'Stage',
    flex: 0.7,
    minWidth: 100,
    valueFormatter: (stage: StageId) => stageLabel(stage),
  },
  { field: 'complaint', headerName: 'Complaint', flex: 1.6, minWidth: 160 },
  {
    field: 'dueAt',
    headerName: 'Due, or handed back',
    flex: 1,
    minWidth: 150,
    valueFormatter: (dueAt: string, row) =>
      row.finishedAt ? `back ${dayText(row.finishedAt)}` : dueText(dueAt),
  },
]

/** Every tray ever opened, found by number, case, owner or complaint. */
export function TraysPage({ trays, find: firstFind }: { trays: readonly TrayLine[]; find: string | null }) {
  const router = useRouter()
  const [find, setFind] = useState(firstFind ?? '')
  const rows = trays.filter((tray) => matchesWords(tray, find)).map((tray) => ({ ...tray, id: tray.number }))
  const inHand = trays.filter((tray) => tray.finishedAt === null).length
  return (
    <PageFrame
      title="Trays"
      subtitle={`${inHand} in hand, ${trays.length - inHand} handed back`}
      actions={
        <>
          <TextField
            label="Find"
            autoFocus={firstFind !== null}
            value={find}
            onChange={(event) => setFind(event.target.value)}
            onKeyDown={(event) => {
              const [only] = rows
              if (event.key === 'Enter' && only) router.push(`/trays/${only.number}`)
            }}
            placeholder="number, case or owner"
            helperText={find && `${rows.length} found, Enter opens the first`}
          />
          <Button component={Link} href="/trays/new" variant="contained">
            New tray
          </Button>
        </>
      }
    >
      <ListGrid
        label="Trays"
        rows={rows}
        columns={COLUMNS}
        onOpen={(row) => router.push(`/trays/${row.number}`)}
        height="calc(100vh - 150px)"
      />
    </PageFrame>
  )
}
