'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import dynamic from 'next/dynamic'
import { useState } from 'react'
import type { StageWorkProps } from '../StageWorkProps'

const ReasonDialog = dynamic(() => import('../../small/ReasonDialog').then((m) => m.ReasonDialog), {
  loading: () => null,
})

/** What can still be done with a tray that was handed back: look at it, or take it in hand again. */
export function ReopenNote({ bench, actions }: StageWorkProps) {
  const [asking, setAsking] = useState(false)
  const { tray } = bench.state.view
  const close = () => {
    bench.setAtDialog(false)
    setAsking(false)
  }
  const reopen = async (reason: string) => {
    const wrong = await bench.change(actions.reopenTray({ trayId: tray.id, reason }))
    if (wrong === null) close()
    return wrong
  }
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5, mt: 2 }}>
      <Typography sx={{ color: 'text.secondary' }}>
        This tray was handed back. Its record stays as it is.
      </Typography>
      <Button
        variant="outlined"
        onClick={() => {
          // Keys rest from the moment it is asked for: what is typed while it loads must not go elsewhere.
          bench.setAtDialog(true)
          setAsking(true)
        }}
      >
        Reopen
      </Button>
      {asking && (
        <ReasonDialog
          title={`Take tray ${tray.number} in hand again?`}
          hint="as “steamed up again”; when it was handed back stays on record"
          act="Reopen"
          onClose={close}
          onReason={reopen}
        />
      )}
    </Box>
  )
}
