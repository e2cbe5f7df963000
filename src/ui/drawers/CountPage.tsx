'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import Typography from '@mui/material/Typography'
import Link from 'next/link'
import { describePart } from '@/core/stock/describePart'
import type { Calls } from '@/services/actions'
import { PageFrame } from '../shell/PageFrame'
import { KindChoice } from './KindChoice'
import { useShelfCount } from './useShelfCount'
import { CountedLines } from './CountedLines'
import { WorkError } from '../stages/shared/WorkError'

/** Counting by keyboard or scanner: a shelf's lines one after the other, a figure and Enter each. */
export function CountPage({ count }: { count: Calls['countPart'] }) {
  const shelf = useShelfCount(count)
  const { kind, rows, row, at } = shelf
  return (
    <PageFrame
      title="Count a drawer"
      subtitle="a figure and Enter for each line; scan a label to jump to it"
      actions={<Link href="/drawers">Back to the drawers</Link>}
    >
      <Box
        component="form"
        sx={{ display: 'flex', gap: 1, alignItems: 'center', mt: 0.5 }}
        onSubmit={(event) => {
          event.preventDefault()
          shelf.open()
        }}
      >
        <KindChoice label="What lies there" kind={kind} onKind={shelf.setKind} />
        <TextField
          size="small"
          label="Shelf"
          value={shelf.shelf}
          onChange={(event) => shelf.setShelf(event.target.value)}
          placeholder="C-16"
          sx={{ width: 140 }}
        />
        <Button type="submit" variant={rows ? 'outlined' : 'contained'} disabled={shelf.shelf.trim() === ''}>
          Open the shelf
        </Button>
      </Box>
      {row && (
        <Box
          component="form"
          aria-label="This line"
          sx={{
            display: 'flex',
            flexWrap: 'wrap',
            gap: 2,
            alignItems: 'center',
            mt: 2,
            p: 1.5,
            bgcolor: 'paper.chosen',
          }}
          onSubmit={(event) => {
            event.preventDefault()
            shelf.store()
          }}
        >
          <Box sx={{ flex: '1 1 260px' }}>
            <Typography sx={{ fontSize: '1.5rem', fontWeight: 700 }}>{describePart(kind, row)}</Typography>
            <Typography className="figure" sx={{ color: 'text.secondary' }}>
              {row.code}, {row.drawer}, line {at + 1} of {rows?.length}
            </Typography>
          </Box>
          <TextField
            inputRef={shelf.input}
            label="Counted"
            value={shelf.text}
            onChange={(event) => shelf.type(event.target.value)}
            slotProps={{
              htmlInput: {
                inputMode: 'numeric',
                className: 'figure',
                style: { fontSize: 40, width: 110, textAlign: 'right' },
              },
            }}
          />
          <Button type="submit" variant="contained">
            Next
          </Button>
        </Box>
      )}
      <WorkError text={shelf.error} />
      {shelf.done && (
        <Typography role="status" sx={{ mt: 1, color: 'success.main', fontWeight: 700 }}>
          Shelf counted: {shelf.differed} of {rows?.length} lines differed.
        </Typography>
      )}
      <CountedLines kind={kind} rows={rows ?? []} at={at} counted={shelf.counted} onLine={shelf.goTo} />
    </PageFrame>
  )
}
