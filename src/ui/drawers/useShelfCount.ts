'use client'
import { useEffect, useRef, useState } from 'react'
import type { PartKind } from '@/core/parts/parts'
import { PARTS } from '@/core/parts/parts'
import type { Calls } from '@/services/actions'
import type { PartRow, PartsFound } from '@/services/drawers/drawersPage'
import type { CountOutcome } from '@/services/drawers/stockCount'
import { useSentOnce } from '../forms/useSentOnce'
import { useScan } from '../keys/scans'

/** Most lines counted in one go: a shelf, not a shop. */
const MOST_LINES = 200

/** A line's count as it was stored, or the figure that was refused. */
export type Counted = { readonly change: number; readonly quantity: number } | { readonly refused: string }

export function isStored(counted: Counted | undefined): counted is Extract<Counted, { change: number }> {
  return counted !== undefined && 'change' in counted
}

/** A shelf being counted: its lines, which one is in hand, what was typed, what was stored. */
export function useShelfCount(count: Calls['countPart']) {
  const [kind, setKind] = useState<PartKind>('crystal')
  const [shelf, setShelf] = useState('')
  const [rows, setRows] = useState<readonly PartRow[] | null>(null)
  const [{ at, text }, setEntry] = useState({ at: 0, text: '' })
  const [counted, setCounted] = useState<Readonly<Record<number, Counted>>>({})
  const [error, setError] = useState<string | null>(null)
  const input = useRef<HTMLInputElement>(null)
  const countOnce = useSentOnce(count)

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
    const result = await countOnce({
      kind,
      partId: row.id,
      counted: figure === '' ? NaN : Number(figure),
    }).catch((): CountOutcome => ({
      ok: false,
      errors: {
        form: 'Not known whether it is stored: Whyalon does not answer. Count it once more when it does.',
      },
    }))
    const { id } = row
    setCounted((before) => ({ ...before, [id]: result.ok ? result : { refused: figure } }))
    if (result.ok) return
    setError(`${row.code}: ${Object.values(result.errors).join(' ')}`)
    setEntry((now) => (now.text === '' ? { at, text: figure } : now))
  }
  const goTo = (line: number) => {
    setEntry({ at: line, text: '' })
    input.current?.focus()
  }
  const done = rows !== null && rows.length > 0 && rows.every(({ id }) => isStored(counted[id]))
  return {
    kind,
    setKind,
    shelf,
    setShelf,
    rows,
    row,
    at,
    text,
    type: (typed: string) => setEntry({ at, text: typed }),
    goTo,
    counted,
    error,
    done,
    /** lines that were stored with another figure than the record had */
    differed: Object.values(counted).filter((line) => isStored(line) && line.change !== 0).length,
    input: input,
    open: () => void open(kind, shelf),
    store: () => void store(),
  }
}
