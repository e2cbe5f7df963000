import Typography from '@mui/material/Typography'
import { unmeasuredEvidence } from '@/core/tray/evidenceOrigin'
import type { StageWorkProps } from '../StageWorkProps'
import { SidesPanel } from './SidesPanel'
import { VerdictPanel } from './VerdictPanel'
import { asksNext, standingCount } from './asksNext'

/** Which size a tray's crystal is; of a shaped one, what its rebate asks for. */
export function TrayVerdict({ bench, actions }: StageWorkProps) {
  const { view } = bench.state
  const sides = view.readout.seat.ok ? view.readout.seat.seat.sides : null
  const { trouble } = view.readout
  return (
    <>
      {trouble !== null && (
        <Typography role="alert" sx={{ color: 'error.main' }}>
          {trouble}
        </Typography>
      )}
      {sides ? <SidesPanel sides={sides} policy={view.policy} /> : <Size bench={bench} actions={actions} />}
    </>
  )
}

function Size({ bench, actions }: StageWorkProps) {
  const { view } = bench.state
  const fittedBefore = view.fittedBefore.reduce((sum, h) => sum + h.count, 0)
  const weighPast = (pastCounts: boolean) =>
    void bench.change(actions.weighPast({ trayId: view.tray.id, pastCounts }))
  return (
    <VerdictPanel
      verdict={view.readout.verdict}
      readingCount={standingCount(view)}
      fittedBefore={fittedBefore}
      next={asksNext(view)}
      unread={view.unread}
      conflicts={view.readout.conflicts}
      unmeasured={unmeasuredEvidence(view.readout.evidence, view.readout.measured, view.sheet)}
      past={
        standingCount(view) > 0 && view.fittedBefore.length > 0
          ? {
              counts: view.tray.pastCounts,
              fittings: view.fittedBefore,
              other: view.readout.otherVerdict,
              onWeigh: view.tray.finishedAt === null ? weighPast : null,
            }
          : null
      }
    />
  )
}
