'use client'
import { PARTS } from '@/core/parts/parts'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import Typography from '@mui/material/Typography'
import Link from 'next/link'
import { useEffect, useState } from 'react'
import type { PartKind } from '@/core/parts/parts'
import type { PartMove, PartRow } from '@/services/drawers/drawersPage'
import type { CountOutcome } from '@/services/drawers/stockCount'
import { useOneAtATime } from '../forms/useOneAtATime'
import { useSentOnce } from '../forms/useSentOnce'
import { FormDialog } from '../forms/FormDialog'
import { RecordForm } from '../forms/RecordForm'
import type { Calls } from '@/services/actions'
import { useTimes } from '../small/useTimes'
import { WorkError } from '../stages/shared/WorkError'

export interface PartDialogProps {
  readonly kind: PartKind
  readonly row: PartRow
  readonly save: Calls['saveRecord']
  readonly receive: Calls['receivePart']
  readonly onStored: () => void
  readonly onClose: () => void
}

const AWAY: CountOutcome = {
  ok: false,
  errors: {
    form: 'Not known whether they are in: Whyalon does not answer. Put them in once more when it does: they are counted once.',
  },
}

/** A line of the drawers: its record, what came, and what happened to its count. */
export function PartDialog({ kind, row, save, receive, onStored, onClose }: PartDialogProps) {
  const [store, putIn] = [useSentOnce(save), useSentOnce(receive)]
  const [history, setHistory] = useState<{ part: PartRow; moves: readonly PartMove[] } | null>(null)
  const [version, setVersion] = useState(0)
  useEffect(() => {
    const asked = new AbortController()
    fetch(`/api/parts/history?kind=${kind}&id=${row.id}`, { signal: asked.signal })
      .then(async (answer) => (answer.ok ? ((await answer.json()) as NonNullable<typeof history>) : null))
      .then(setHistory)
      .catch(() => undefined)
    return () => asked.abort()
  }, [kind, row.id, version])
  const part = history?.part ?? row
  return (
    <FormDialog title={row.code} onClose={onClose}>
      <RecordForm
        key={part.quantity}
        fields={PARTS[kind].fields}
        initial={part}
        submitLabel="Store"
        onSubmit={async (values, was) => {
          const result = await store({ kind, id: row.id, fields: values, was })
          if (result.ok) {
            onStored()
            onClose()
          }
          return result
        }}
      />
      <Received
        onReceive={async (pieces) => {
          const result = await putIn({ kind, partId: row.id, pieces }).catch((): CountOutcome => AWAY)
          if (!result.ok) return Object.values(result.errors).join(' ')
          setVersion(version + 1)
          onStored()
          return null
        }}
      />
      <Moves moves={history?.moves ?? []} />
      <Typography sx={{ mt: 1.5 }}>
        <Link href={`/history?part=${kind}&id=${row.id}`} style={{ color: 'inherit' }}>
          Who changed this line, and what was there before
        </Link>
      </Typography>
    </FormDialog>
  )
}

function Received({ onReceive }: { onReceive: (pieces: number) => Promise<string | null> }) {
  const [text, setText] = useState('')
  const [error, setError] = useState<string | null>(null)
  const [put, busy] = useOneAtATime(async () => {
    const wrong = await onReceive(text.trim() === '' ? NaN : Number(text))
    setError(wrong)
    if (wrong === null) setText('')
  })
  return (
    <Box
      component="form"
      sx={{
        display: 'flex',
        gap: 1,
        alignItems: 'center',
        mt: 2,
        borderTop: 1,
        borderColor: 'divider',
        pt: 1.5,
      }}
      onSubmit={(event) => {
        event.preventDefault()
        void put()
      }}
    >
      <TextField
        label="Pieces that came"
        size="small"
        value={text}
        onChange={(event) => setText(event.target.value)}
        slotProps={{ htmlInput: { inputMode: 'numeric', className: 'figure' } }}
        sx={{ width: 180 }}
      />
      <Button type="submit" variant="outlined" disabled={busy}>
        Put in the drawer
      </Button>
      <WorkError text={error} />
    </Box>
  )
}

function Moves({ moves }: { moves: readonly PartMove[] }) {
  const { dayText } = useTimes()
  return (
    <Box component="section" aria-label="History of its count" sx={{ mt: 1.5 }}>
      <Typography variant="h3" component="h3">
        History of its count
      </Typography>
      {moves.length === 0 ? (
        <Typography variant="body2" sx={{ color: 'text.secondary' }}>
          Nothing was taken out or put in since it was first counted.
        </Typography>
      ) : (
        <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, fontSize: 14 }}>
          {moves.map((move) => (
            <Box
              component="li"
              key={move.id}
              sx={{ display: 'flex', gap: 2, borderTop: 1, borderColor: 'divider', py: 0.4 }}
            >
              <Box component="span" className="figure" sx={{ width: 44, textAlign: 'right' }}>
                {move.change > 0 ? `+${move.change}` : `−${-move.change}`}
              </Box>
              <Box component="span" sx={{ flex: 1 }}>
                {move.reason.replaceAll('-', ' ')}
                {move.trayNumber !== null && ` for tray ${move.trayNumber}`}
              </Box>
              <span className="figure">{move.leftThere} left</span>
              <Box component="span" sx={{ color: 'text.secondary' }} suppressHydrationWarning>
                {dayText(move.movedAt)}
              </Box>
            </Box>
          ))}
        </Box>
      )}
    </Box>
  )
}
