'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { stepsOf } from '@/core/procedure/procedure'
import { offAgain } from '@/core/trail/offAgain'
import { TRAIL_PARTS } from '@/core/trail/parts'
import type { StageWorkProps } from '../StageWorkProps'
import { useErrorAt } from '../shared/useErrorAt'
import { WorkError } from '../shared/WorkError'

/** Takes a part that is on once more off the case, to be set right: each time is on the trail, and what was read is old. */
export function OffAgainRow({ bench, actions }: StageWorkProps) {
  const { view, stage } = bench.state
  const [error, setError] = useErrorAt(view)
  const parts = offAgain(stepsOf(view.job.procedure, stage), view.job.trail.lines)
  if (parts.length === 0 || view.tray.finishedAt !== null) return null
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1, mt: 1 }}>
      {parts.map(({ part, times }) => (
        <Button
          key={part}
          size="small"
          onClick={() => {
            const place = { size: '' as const, clockHour: null, photo: null }
            const input = { trayId: view.tray.id, part, count: 1, ...place }
            void bench.change(actions.recordOff(input)).then(setError)
          }}
        >
          {TRAIL_PARTS[part].label} off again
          {times > 1 && `, came off ${times} times`}
        </Button>
      ))}
      <WorkError text={error} />
    </Box>
  )
}
