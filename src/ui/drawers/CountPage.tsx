'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import Typography from '@mui/material/Typography'
import Link from 'next/link'
import { useEffect, useRef, useState } from 'react'
import { describePart } from '@/core/stock/describePart'
import type { PartKind } from '@/core/parts/parts'
import { PARTS } from '@/core/parts/parts'
import type { PartRow, PartsFound } from '@/services/drawers/drawersPage'
import type { Calls } from '@/services/actions'
import type { CountOutcome } from '@/services/drawers/stockCount'
import { useScan } from '../shell/useScan'
import { PageFrame } from '../shell/PageFrame'
import { KindChoice } from './KindChoice'
import { WorkError } from '../stages/shared/WorkError'

/** Most lines counted in one go: a shelf, not a shop. */
const MOST_LINES = 200

/** A line's count as it was stored, or the figure that was refused. */
type Counted = { readonly change: number; readonly quantity: number } | { readonly refused: string }

/** Counting by keyboard or scanner: a shelf's lines one after the other, a figure and Enter each. */
export function CountPage({ count }: { count: Calls['countPart'] }) {
  const [kind, setKind] = useState<PartKind>('crystal')
  const [shelf, setShelf] = useState('')
  const [rows, setRows] = useState<readonly PartRow[] | null>(null)
  const [{ at, text }, setEntry] = useState({ at: 0, text: '' })
  const [counted, setCounted] = useState<Readonly<Record<number, Counted>>>({})
  const [error, setError] = useState<string | null>(null)
  const input = useRef<HTMLInputElement>(null)

  const open = async (of: PartKind, drawer: string) => {
    setError(null)
    const address = new URLSearchParams({ kind: of, q: `@${drawer.trim()}`, size: String(MOST_LINES) })
    const found = await fetch(`/api/parts?${address}`)
      .then(async (answer) => (await answer.json()) as PartsFound)
      .catch(() => null)
    const near = found?.ok ? found.rows : null
    // “C-1” is a shelf of its own, not every shelf that starts so.
    const exact = near?.filter((row) => row.drawer.toLowerCase() === drawer.trim().toLowerCase())
    const lines = exact && exact.length > 0 ? exact : near
    setRows(lines)
    setCounted({})
    setEntry({ at: 0, text: '' })
    if (!lines) setError('Whyalon does not answer: start it again, then open the shelf once more.')
    else if (lines.length === 0) setError(`Shelf ${drawer}: no ${PARTS[of].many.toLowerCase()} lie there.`)
  }

  // A scanned shelf is opened, a scanned part becomes the line being counted; anything else leads where it always does.
  useScan((target) => {
    if (target.kind === 'drawer') {
      setShelf(target.drawer)
      void open(kind, target.drawer)
      return true
    }
    const line = target.kind === 'part' ? (rows ?? []).findIndex(({ code }) => code === target.code) : -1
    if (line < 0) return false
    setEntry({ at: line, text: '' })
    return true
  })

  const row = rows?.[at]
  const rowId = row?.id
  useEffect(() => {
    if (rowId !== undefined) input.current?.focus()
  }, [rowId])
  const store = async () => {
    if (!row) return
    const figure = text.trim()
    setError(null)
    // The next line at once: what is typed while this one is being stored is the next one's.
    setEntry({ at: Math.min(at + 1, (rows?.length ?? 1) - 1), text: '' })
    const result = await count({ kind, partId: row.id, counted: figure === '' ? NaN : Number(figure) }).catch(
      (): CountOutcome => ({ ok: false, errors: { form: 'Not stored: Whyalon does not answer.' } }),
    )
    const { id } = row
    setCounted((before) => ({ ...before, [id]: result.ok ? result : { refused: figure } }))
    if (result.ok) return
    setError(`${row.code}: ${Object.values(result.errors).join(' ')}`)
    setEntry((now) => (now.text === '' ? { at, text: figure } : now))
  }
  const done = rows !== null && rows.length > 0 && rows.every(({ id }) => isStored(counted[id]))
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
          void open(kind, shelf)
        }}
      >
        <KindChoice label="What lies there" kind={kind} onKind={setKind} />
        <TextField
          size="small"
          label="Shelf"
          value={shelf}
          onChange={(event) => setShelf(event.target.value)}
          placeholder="C-16"
          sx={{ width: 140 }}
        />
        <Button type="submit" variant={rows ? 'outlined' : 'contained'} disabled={shelf.trim() === ''}>
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
            void store()
          }}
        >
          <Box sx={{ flex: '1 1 260px' }}>
            <Typography sx={{ fontSize: '1.5rem', fontWeight: 700 }}>{describePart(kind, row)}</Typography>
            <Typography className="figure" sx={{ color: 'text.secondary' }}>
              {row.code}, {row.drawer}, line {at + 1} of {rows?.length}
            </Typography>
          </Box>
          <TextField
            inputRef={input}
            label="Counted"
            value={text}
            onChange={(event) => setEntry({ at, text: event.target.value })}
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
      <WorkError text={error} />
      {done && (
        <Typography role="status" sx={{ mt: 1, color: 'success.main', fontWeight: 700 }}>
          Shelf counted: {Object.values(counted).filter((line) => isStored(line) && line.change !== 0).length}{' '}
          of {rows.length} lines differed.
        </Typography>
      )}
      <Box component="ul" sx={{ listStyle: 'none', m: 0, mt: 1, p: 0, fontSize: 14.5 }}>
        {rows?.map((line, index) => (
          <Box
            component="li"
            key={line.id}
            sx={{
              display: 'grid',
              gridTemplateColumns: { xs: 'minmax(0,1fr) auto', sm: 'minmax(0,1fr) 160px 240px' },
              columnGap: 1,
              borderTop: 1,
              borderColor: 'divider',
              fontWeight: index === at ? 700 : 400,
            }}
          >
            <Button
              variant="text"
              onClick={() => {
                setEntry({ at: index, text: '' })
                input.current?.focus()
              }}
              sx={{
                gridColumn: { xs: '1 / -1', sm: 'auto' },
                justifyContent: 'flex-start',
                textAlign: 'left',
                px: { xs: 0, sm: 1 },
                minHeight: 34,
                py: 0,
                fontWeight: 'inherit',
                color: 'inherit',
              }}
            >
              {describePart(kind, line)}
            </Button>
            <Box component="span" className="figure" sx={{ alignSelf: 'center' }}>
              {line.code}
            </Box>
            <CountedText was={line.quantity} counted={counted[line.id]} />
          </Box>
        ))}
      </Box>
    </PageFrame>
  )
}

function isStored(counted: Counted | undefined): counted is Extract<Counted, { change: number }> {
  return counted !== undefined && 'change' in counted
}

function CountedText({ was, counted }: { was: number; counted: Counted | undefined }) {
  if (!counted)
    return (
      <Box component="span" className="figure" sx={{ alignSelf: 'center', color: 'text.secondary' }}>
        {was} on record
      </Box>
    )
  if (!isStored(counted))
    return (
      <Box component="span" className="figure" sx={{ alignSelf: 'center', color: 'error.main' }}>
        {counted.refused === '' ? 'no figure' : counted.refused}, not stored
      </Box>
    )
  const { change, quantity } = counted
  return (
    <Box
      component="span"
      className="figure"
      sx={{ alignSelf: 'center', color: change === 0 ? 'success.main' : 'warning.main' }}
    >
      {change === 0 ? `✓ ${quantity}` : `${quantity}, ${change > 0 ? `${change} more` : `${-change} fewer`}`}
    </Box>
  )
}
