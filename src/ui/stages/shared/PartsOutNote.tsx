'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { PARTS } from '@/core/parts/parts'
import { WorkError } from './WorkError'
import type { StageWorkProps } from '../StageWorkProps'
import { useErrorAt } from './useErrorAt'

/** What was taken out of the drawers for this tray, and a way back for what was not used. */
export function PartsOutNote({ bench, actions }: StageWorkProps) {
  const [error, setError] = useErrorAt(bench.state.view)
  const { view } = bench.state
  if (view.partsOut.length === 0) return null
  const open = view.tray.finishedAt === null
  return (
    <Box component="section" aria-label="Out of the drawers" sx={{ mt: 1, fontSize: 14 }}>
      {view.partsOut.map(({ kind, partId, code, drawer, count }) => (
        <Box key={`${kind} ${partId}`} sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
          <span>
            Out of {drawer} for this tray: {count > 1 && `${count} × `}
            {PARTS[kind].one} <span className="figure">{code}</span>
          </span>
          {open && (
            <Button
              variant="text"
              sx={{ minHeight: 32, py: 0, px: 1 }}
              onClick={() =>
                void bench.change(actions.putBack({ trayId: view.tray.id, kind, partId })).then(setError)
              }
            >
              Put back
            </Button>
          )}
        </Box>
      ))}
      <WorkError text={error} />
    </Box>
  )
}
