'use client'
import Button from '@mui/material/Button'
import dynamic from 'next/dynamic'
import { useState } from 'react'

const ReasonDialog = dynamic(() => import('../../small/ReasonDialog').then((m) => m.ReasonDialog), {
  loading: () => null,
})

const WAYS = {
  'leave-out': {
    act: 'Leave out',
    taken: 'Not left out',
    title: 'Leave this out?',
    hint: 'as “no press needed: cemented”; it stays on record',
  },
  'cut-short': {
    act: 'Cut short',
    taken: 'Not cut short',
    title: 'Cut this wait short?',
    hint: 'as “cured by light”; it stays on record',
  },
} as const

export interface LeaveOutProps {
  /** `cut-short` for a wait that runs */
  readonly way?: keyof typeof WAYS
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
export function LeaveOut({ way = 'leave-out', what, leftOut, onReason, onAsk }: LeaveOutProps) {
  const { act, taken, title, hint } = WAYS[way]
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
        aria-label={`${leftOut === null ? act : taken}: ${what}`}
        onClick={() => (leftOut === null ? ask(true) : void onReason(null))}
        sx={{ minHeight: 36, minWidth: 0, px: 0, fontWeight: 400, color: 'text.secondary' }}
      >
        {leftOut === null ? `${act.toLowerCase()}…` : 'take back'}
      </Button>
      {asking && (
        <ReasonDialog
          title={title}
          hint={hint}
          act={act}
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
