'use client'
import Button from '@mui/material/Button'
import dynamic from 'next/dynamic'
import { useState } from 'react'

const ReasonDialog = dynamic(() => import('../../small/ReasonDialog').then((m) => m.ReasonDialog), {
  loading: () => null,
})

export interface LeaveOutProps {
  /** what is left out, in words */
  readonly what: string
  /** why it was; null while it was not */
  readonly leftOut: string | null
  /** null takes it back; @returns what is wrong, or null when it was done */
  readonly onReason: (reason: string | null) => Promise<string | null>
  /** true from the moment its dialog is asked for: keys rest until it is gone */
  readonly onAsk: (asking: boolean) => void
}

/** Leaves out one thing for a reason that stays with it, or takes that back. */
export function LeaveOut({ what, leftOut, onReason, onAsk }: LeaveOutProps) {
  const [asking, setAsking] = useState(false)
  const ask = (open: boolean) => {
    onAsk(open)
    setAsking(open)
  }
  return (
    <>
      <Button
        size="small"
        color="inherit"
        aria-label={`${leftOut === null ? 'Leave out' : 'Not left out'}: ${what}`}
        onClick={() => (leftOut === null ? ask(true) : void onReason(null))}
        sx={{ minHeight: 36, minWidth: 0, px: 0, fontWeight: 400, color: 'text.secondary' }}
      >
        {leftOut === null ? 'leave out…' : 'take back'}
      </Button>
      {asking && (
        <ReasonDialog
          title="Leave this out?"
          hint="as “no press needed: cemented”; it stays on record"
          act="Leave out"
          onClose={() => ask(false)}
          onReason={async (reason) => {
            const wrong = await onReason(reason)
            if (wrong === null) ask(false)
            return wrong
          }}
        >
          {what}
        </ReasonDialog>
      )}
    </>
  )
}
