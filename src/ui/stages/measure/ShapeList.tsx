'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useState } from 'react'
import { COVERAGE_FACTOR } from '@/core/measure/coverageFactor'
import { formatMm } from '@/core/units/formatMm'
import type { ShapeView } from '@/services/tray/readingView'
import { useOneAtATime } from '../../forms/useOneAtATime'
import type { StageWorkProps } from '../StageWorkProps'
import { WorkError } from '../shared/WorkError'
import { useErrorAt } from '../shared/useErrorAt'

/** Sizes kept so far by ways round the jaws; each can be taken back with a reason. */
export function ShapeList({ bench, actions }: StageWorkProps) {
  const { view } = bench.state
  const [leaving, setLeaving] = useState<ShapeView | null>(null)
  const [reason, setReason] = useState('')
  const [error, setError] = useErrorAt(bench.state.view)
  const inHand = view.tray.finishedAt === null
  const [takeBack, busy] = useOneAtATime(async () => {
    if (!leaving) return
    const wrong = await bench.change(
      actions.takeBackShape({ trayId: view.tray.id, shapeId: leaving.id, reason }),
    )
    setError(wrong)
    if (wrong === null) {
      setLeaving(null)
      setReason('')
    }
  })
  return (
    <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
      {view.shapes.map((shape) => {
        const gone = shape.voidReason !== null
        return (
          <Box
            component="li"
            key={shape.id}
            data-testid="shape"
            sx={{
              display: 'flex',
              flexWrap: 'wrap',
              gap: 1,
              alignItems: 'center',
              borderTop: 1,
              borderColor: 'divider',
            }}
          >
            <Box sx={{ flexGrow: 1, fontSize: 15, textDecoration: gone ? 'line-through' : 'none' }}>
              <span className="figure">
                {formatMm(shape.diameterMm)} ±{formatMm(COVERAGE_FACTOR * shape.standardUncertaintyMm)}
              </span>{' '}
              {shape.words}
            </Box>
            {gone && <Box sx={{ fontSize: 14, color: 'text.secondary' }}>taken back: {shape.voidReason}</Box>}
            {!gone && inHand && leaving?.id !== shape.id && (
              <Button size="small" aria-label={`Take back ${shape.words}`} onClick={() => setLeaving(shape)}>
                take back
              </Button>
            )}
            {leaving?.id === shape.id && (
              <Box
                component="form"
                onSubmit={(event) => {
                  event.preventDefault()
                  void takeBack()
                }}
                sx={{ display: 'flex', gap: 1, width: '100%', pb: 0.5 }}
              >
                <input
                  autoFocus
                  aria-label="Reason"
                  placeholder="as “chip at the end”"
                  value={reason}
                  onChange={(event) => setReason(event.target.value)}
                  style={{ flexGrow: 1, font: 'inherit', padding: 8 }}
                />
                <Button type="submit" variant="contained" disabled={busy}>
                  Take back
                </Button>
              </Box>
            )}
          </Box>
        )
      })}
      {error && (
        <li>
          <WorkError text={error} />
        </li>
      )}
    </Box>
  )
}
