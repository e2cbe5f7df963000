'use client'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import type { GridColDef } from '@mui/x-data-grid'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useEffect, useState } from 'react'
import type { StageId } from '@/core/stages/stages'
import { stageLabel } from '@/core/stages/stages'
import type { TrayLine, TraysFound } from '@/services/tray/trayPages'
import { PageFrame } from '../shell/PageFrame'
import { useTimes } from '../small/useTimes'
import { codeColumn, countColumn } from '../tables/columns'
import { PagedGrid } from '../tables/PagedGrid'
import type { ListPage } from '../tables/usePagedSearch'
import { pageAddress, usePagedSearch } from '../tables/usePagedSearch'
import { FileButton } from '../small/FileButton'
import { sendFile } from '../small/sendFile'
import { WorkError } from '../stages/shared/WorkError'

type Row = TrayLine & { id: number }

const columnsOf = ({ dueText, dayText }: ReturnType<typeof useTimes>): readonly GridColDef<Row>[] => [
  countColumn('number', 'Tray'),
  { ...codeColumn('caseName', 'Case', 1.2), cellClassName: '' },
  { ...codeColumn('owner', 'Owner', 1.3), cellClassName: '' },
  {
    field: 'stage',
    headerName: 'Stage',
    sortable: false,
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

export interface TraysPageProps {
  readonly counts: { readonly inHand: number; readonly back: number }
  /** the first page of what `find` finds */
  readonly first: TraysFound
  /** what was asked for in the address; null where nothing was */
  readonly find: string | null
}

/** Every tray ever opened, found by number, case, owner or complaint. */
export function TraysPage({ counts, first, find: firstFind }: TraysPageProps) {
  const router = useRouter()
  const times = useTimes()
  const [find, setFind] = useState(firstFind ?? '')
  const [page, setPage] = useState(FIRST_PAGE)
  // What came with the page is not asked for again.
  const asked = find !== (firstFind ?? '') || page !== FIRST_PAGE
  const address = pageAddress('/api/trays', { q: find }, page)
  const search = usePagedSearch<TraysFound>(asked ? address : null)
  const found = asked ? (search.found ?? first) : first
  const rows = found.rows.map((tray) => ({ ...tray, id: tray.number }))
  // Enter comes sooner than the answer: it opens what was asked for, not what stood there before.
  const [refused, setRefused] = useState<string | null>(null)
  const [opening, setOpening] = useState(false)
  const firstNumber = rows[0]?.number
  useEffect(() => {
    if (opening && search.settled && firstNumber !== undefined) router.push(`/trays/${firstNumber}`)
  }, [opening, search.settled, firstNumber, router])
  return (
    <PageFrame
      title="Trays"
      subtitle={`${counts.inHand} in hand, ${counts.back} handed back`}
      actions={
        <>
          <TextField
            label="Find"
            autoFocus={firstFind !== null}
            value={find}
            onChange={(event) => {
              setFind(event.target.value)
              setOpening(false)
              setPage(FIRST_PAGE)
            }}
            onKeyDown={(event) => {
              if (event.key === 'Enter') setOpening(true)
            }}
            placeholder="number, case or owner"
            helperText={find && `${found.total} found, Enter opens the first`}
          />
          <FileButton
            label="Tray from a file"
            size="medium"
            accept=".json,application/json"
            onFile={(file) => {
              void sendFile<{ number: number }>('/api/trays', file, 'application/json').then((sent) => {
                if (sent.ok) router.push(`/trays/${sent.answer.number}`)
                else setRefused(sent.message)
              })
            }}
          />
          <Button component={Link} href="/trays/new" variant="contained">
            New tray
          </Button>
        </>
      }
    >
      <WorkError text={refused ?? search.error} />
      <PagedGrid
        label="Trays"
        rows={rows}
        total={found.total}
        loading={false}
        columns={columnsOf(times)}
        page={page}
        onPage={setPage}
        onOpen={(row) => router.push(`/trays/${row.number}`)}
        abovePx={92}
        nothing="No tray is like that"
      />
    </PageFrame>
  )
}

const FIRST_PAGE: ListPage = { page: 0, size: 50, sort: '' }
