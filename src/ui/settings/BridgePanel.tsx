'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useState } from 'react'
import type { Calls } from '@/services/actions'
import type { BridgeState } from '@/services/instruments/instrumentBridge'
import type { ShopTools } from '@/services/shop/shopTools'
import { useOneAtATime } from '../forms/useOneAtATime'
import { useTimes } from '../small/useTimes'
import { WorkError } from '../stages/shared/WorkError'

export interface BridgeActions {
  readonly make: Calls['makeBridgeToken']
  readonly withdraw: Calls['withdrawBridgeToken']
}

export interface BridgePanelProps {
  readonly state: BridgeState
  readonly instruments: ShopTools['instruments']
  readonly actions: BridgeActions
}

const AWAY = 'Whyalon does not answer. Start it again, then try once more.'

/** The token real instruments send with, and what a line is sent to. */
export function BridgePanel({ state, instruments, actions }: BridgePanelProps) {
  const { clockText } = useTimes()
  const [token, setToken] = useState<string | null>(null)
  const [error, setError] = useState<string | null>(null)
  const [run, busy] = useOneAtATime(async (work: () => Promise<string | null>) => {
    setError(null)
    try {
      setToken(await work())
    } catch {
      setError(AWAY)
    }
  })
  return (
    <Box component="section" aria-label="Instrument bridge" sx={{ maxWidth: 900 }}>
      <Box sx={{ mt: 0.5 }} suppressHydrationWarning>
        {state.tokenMadeAt
          ? `A token is in use, made ${clockText(state.tokenMadeAt)}.`
          : 'No token yet: nothing can send readings from outside this screen.'}
      </Box>
      <Box sx={{ display: 'flex', gap: 1, mt: 1 }}>
        <Button
          variant="outlined"
          disabled={busy}
          onClick={() => void run(() => actions.make({}).then((made) => (made.ok ? made.token : null)))}
        >
          {state.tokenMadeAt ? 'Make a new token' : 'Make a token'}
        </Button>
        {state.tokenMadeAt && (
          <Button
            color="error"
            disabled={busy}
            onClick={() => void run(() => actions.withdraw({}).then(() => null))}
          >
            Withdraw it
          </Button>
        )}
      </Box>
      {token && (
        <Box role="status" sx={{ mt: 1, borderLeft: 4, borderColor: 'warning.main', pl: 1.5 }}>
          <Box>Copy it now: it is shown this once, and the one before no longer works.</Box>
          <Box component="code" data-testid="bridge-token" sx={{ fontSize: 17, userSelect: 'all' }}>
            {token}
          </Box>
        </Box>
      )}
      <WorkError text={error} />
      <Box sx={{ mt: 1, fontSize: 14.5, color: 'text.secondary' }}>
        A program beside the instrument sends each line as plain text to{' '}
        <code>/api/instruments/NUMBER/lines</code> with the token as Bearer; the tray’s page set to
        “instrument bridge” takes it.
      </Box>
      <Box component="ul" sx={{ pl: 2.5, mt: 0.5, fontSize: 14.5 }}>
        {instruments.map(({ id, name }) => (
          <li key={id}>
            number <span className="figure">{id}</span>: {name}
          </li>
        ))}
      </Box>
    </Box>
  )
}
