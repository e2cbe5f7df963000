'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Tab from '@mui/material/Tab'
import Tabs from '@mui/material/Tabs'
import TextField from '@mui/material/TextField'
import Link from 'next/link'
import { useState } from 'react'
import type { PartKind } from '@/core/parts/parts'
import { PART_KINDS, PARTS } from '@/core/parts/parts'
import type { DrawersSummary, PartRow } from '@/services/drawers/drawersPage'
import type { EditedRecord } from '../tables/RecordDialog'
import { RecordDialog } from '../tables/RecordDialog'
import type { Calls } from '@/services/actions'
import { PageFrame } from '../shell/PageFrame'
import { WorkError } from '../stages/shared/WorkError'
import { EmptyDrawer } from './EmptyDrawer'
import { PartDialog } from './PartDialog'
import { PartGrid } from './PartGrid'
import { usePartSearch } from './usePartSearch'

const NEW_LINE = { quantity: 1, minimum: 0, priceCents: 0 }

const PAGE_SIZE = 50

export interface DrawersPageProps {
  readonly summary: DrawersSummary
  readonly initial: {
    readonly tab: PartKind
    readonly find: string
    /** a new line as it was begun elsewhere, by field; null where none was */
    readonly newLine: Readonly<Record<string, string>> | null
  }
  readonly save: Calls['saveRecord']
  readonly receive: Calls['receivePart']
}

/** What the shop has and where it lies: found as it is asked for at the bench. */
export function DrawersPage({ summary, initial, save, receive }: DrawersPageProps) {
  const [tab, setTab] = useState<PartKind>(initial.tab)
  const [find, setFind] = useState(initial.find)
  const [page, setPage] = useState({ page: 0, size: PAGE_SIZE, sort: '' })
  const [version, setVersion] = useState(0)
  const [edited, setEdited] = useState<EditedRecord | null>(
    initial.newLine && newLine(initial.tab, initial.newLine),
  )
  const [opened, setOpened] = useState<{ kind: PartKind; row: PartRow } | null>(null)
  const { found, error } = usePartSearch(tab, find, page, version)
  // “insert 38” typed among the crystals is answered with inserts.
  const shown = found?.kind ?? tab
  const low = PART_KINDS.reduce((sum, kind) => sum + summary.counts[kind].low, 0)
  const go = (next: PartKind) => {
    setTab(next)
    setPage({ ...page, page: 0, sort: '' })
    // A kind typed in the text would win over the tab just chosen.
    if (find !== '' && found && found.kind !== tab) setFind('')
  }
  const stored = () => setVersion(version + 1)
  const { one } = PARTS[shown]
  return (
    <PageFrame
      title="Drawers"
      subtitle={`${PART_KINDS.map((name) => `${summary.counts[name].lines} ${PARTS[name].many.replace(/^[A-Z](?=[a-z])/, (letter) => letter.toLowerCase())}`).join(', ')}`}
      actions={
        <TextField
          label="Find"
          value={find}
          onChange={(event) => {
            setFind(event.target.value)
            setPage({ ...page, page: 0 })
          }}
          placeholder="30.0x1.0 flat"
          helperText=" "
          sx={{ width: 300, mb: -2.5 }}
        />
      }
    >
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
        <Tabs
          value={shown}
          onChange={(_, next: PartKind) => go(next)}
          aria-label="Kinds of part"
          variant="scrollable"
          sx={{ flex: 1, minWidth: 0 }}
        >
          {PART_KINDS.map((name) => (
            <Tab key={name} value={name} label={PARTS[name].many} sx={{ px: 1.5, minWidth: 0 }} />
          ))}
        </Tabs>
        <Button variant="contained" onClick={() => setEdited(newLine(shown, {}))}>
          New {one}
        </Button>
      </Box>
      <Box
        sx={{ display: 'flex', gap: 2, alignItems: 'baseline', flexWrap: 'wrap', fontSize: 14.5, my: 0.5 }}
      >
        <span data-testid="found">
          {found ? `${found.total.toLocaleString('en').replaceAll(',', ' ')} found` : '…'}
        </span>
        <Box
          component="span"
          sx={{ color: 'text.secondary', flex: 1, display: { xs: 'none', sm: 'inline' } }}
        >
          29.9..30.1 sapphire · insert 38 ceramic · @C-16 · low
        </Box>
        <Link href="/drawers/order">Order{low > 0 && ` (${low} low)`}</Link>
        <Link href="/drawers/count">Count</Link>
        <Link href={`/drawers/import?kind=${shown}`}>Import a list</Link>
        <a href={`/api/parts/export?${new URLSearchParams({ kind: shown, q: find })}`}>Export</a>
        <a
          href={`/api/labels?${new URLSearchParams({ of: 'parts', kind: shown, q: find })}`}
          target="_blank"
          rel="noreferrer"
        >
          Labels
        </a>
      </Box>
      <WorkError text={error} />
      {found?.total === 0 && find.trim() === '' ? (
        <EmptyDrawer kind={shown} />
      ) : (
        <PartGrid
          kind={shown}
          found={found}
          page={page}
          onPage={setPage}
          onOpen={(row) => setOpened({ kind: shown, row })}
        />
      )}
      {edited && (
        <RecordDialog
          record={edited}
          save={async (...args) => {
            const result = await save(...args)
            if (result.ok) stored()
            return result
          }}
          onClose={() => setEdited(null)}
        />
      )}
      {opened && (
        <PartDialog
          kind={opened.kind}
          row={opened.row}
          save={save}
          receive={receive}
          onStored={stored}
          onClose={() => setOpened(null)}
        />
      )}
    </PageFrame>
  )
}

/** A line to be written down, begun with what is usual of its kind. */
function newLine(kind: PartKind, begun: Readonly<Record<string, string>>): EditedRecord {
  const { one, fields, startsAs } = PARTS[kind]
  return { kind, id: null, title: `New ${one}`, fields, initial: { ...NEW_LINE, ...startsAs, ...begun } }
}
