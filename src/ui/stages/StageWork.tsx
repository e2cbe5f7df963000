'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import dynamic from 'next/dynamic'
import { unmeasuredEvidence } from '@/core/tray/evidenceOrigin'
import { unreadOf } from '@/core/readings/readingPlan'
import { stepsOf } from '@/core/procedure/procedure'
import { stageLabel } from '@/core/stages/stages'
import { KeyCap } from '../small/KeyCap'
import { PartsOutNote } from './shared/PartsOutNote'
import { ReopenNote } from './shared/ReopenNote'
import { ReadingsTable } from './measure/ReadingsTable'
import { MatchWork } from './match/MatchWork'
import type { StageWorkProps } from './StageWorkProps'
import { SidesPanel } from './measure/SidesPanel'
import { StepVerdicts } from './measure/StepVerdicts'
import { VerdictPanel } from './measure/VerdictPanel'
import { WorkError } from './shared/WorkError'

// Forms are the heaviest part of the page and not needed by most stages. They have no placeholder of their own, so that
// the whole page is answering at once; a stage is therefore only ever changed in a transition.
const OpeningPanel = dynamic(() => import('./open/OpeningPanel').then((m) => m.OpeningPanel))
const ReadingsExchange = dynamic(() => import('./measure/ReadingsExchange').then((m) => m.ReadingsExchange))
const ShapePanel = dynamic(() => import('./measure/ShapePanel').then((m) => m.ShapePanel))
const StepList = dynamic(() => import('./shared/StepList').then((m) => m.StepList))
const IntakePanel = dynamic(() => import('./intake/IntakePanel').then((m) => m.IntakePanel))
const JobPanel = dynamic(() => import('./shared/JobPanel').then((m) => m.JobPanel))
const SealsPanel = dynamic(() => import('./close/SealsPanel').then((m) => m.SealsPanel))
const PressCardPanel = dynamic(() => import('./press-in/PressCardPanel').then((m) => m.PressCardPanel))

/** The work of the stage being looked at. */
export function StageWork({ bench, actions }: StageWorkProps) {
  const { state, target } = bench
  const { view, stage } = state
  const standing =
    view.readings.filter((r) => r.voidReason === null).length +
    view.shapes.filter((shape) => shape.voidReason === null).length
  const fittedBefore = view.fittedBefore.reduce((sum, h) => sum + h.count, 0)
  const weighPast = (pastCounts: boolean) =>
    void bench.change(actions.weighPast({ trayId: view.tray.id, pastCounts }))
  const sides = view.readout.seat.ok ? view.readout.seat.seat.sides : null
  const verdict = sides ? (
    <SidesPanel sides={sides} policy={view.policy} />
  ) : (
    <VerdictPanel
      verdict={view.readout.verdict}
      readingCount={standing}
      fittedBefore={fittedBefore}
      next={standing > 0 ? view.askNext : null}
      unread={unreadOf(
        view.plan,
        [...view.readings, ...view.shapes].filter((r) => r.voidReason === null),
      )}
      conflicts={view.readout.conflicts}
      unmeasured={unmeasuredEvidence(view.readout.evidence, view.readout.measured, view.sheet)}
      past={
        standing > 0 && view.fittedBefore.length > 0
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
  const work = (
    <>
      <JobPanel bench={bench} actions={actions} stage={stage} />
      <GoOn bench={bench} actions={actions} />
    </>
  )
  switch (stage) {
    case 'intake':
      return (
        <>
          <IntakePanel bench={bench} actions={actions} />
          <GoOn bench={bench} actions={actions} />
        </>
      )
    case 'open':
      return (
        <>
          <OpeningPanel bench={bench} actions={actions} />
          <GoOn bench={bench} actions={actions} />
        </>
      )
    case 'measure':
      return (
        <>
          {verdict}
          <StepVerdicts steps={view.steps} />
          <ShapePanel bench={bench} actions={actions} />
          <ReadingsTable
            view={view}
            aimedAt={target?.dimension ?? null}
            onAim={bench.aim}
            onTakeBack={bench.startVoid}
          />
          <ReadingsExchange bench={bench} actions={actions} />
          <GoOn bench={bench} actions={actions} />
        </>
      )
    case 'match':
      return <MatchWork bench={bench} actions={actions} verdict={verdict} />
    case 'press-in':
      return (
        <>
          <PressCardPanel
            key={view.press?.pickId ?? 0}
            view={view}
            logPressRun={actions.logPressRun}
            onLogged={(result) => bench.take(result)}
          />
          <PartsOutNote bench={bench} actions={actions} />
          <StepList bench={bench} actions={actions} stage={stage} />
        </>
      )
    case 'close':
      return (
        <>
          {work}
          <SealsPanel bench={bench} actions={actions} />
        </>
      )
    default:
      return work
  }
}

/** Marks the stage done; on the last one, hands the tray back. */
function GoOn({ bench, actions }: StageWorkProps) {
  const { stage, view, busy } = bench.state
  if (view.tray.finishedAt !== null) return <ReopenNote bench={bench} actions={actions} />
  const steps = stepsOf(view.job.procedure, stage)
  const ticked = steps.filter((step) => view.job.ticks[`step:${step.id}`] !== undefined).length
  const refused = bench.moveError?.stage === stage ? bench.moveError.text : null
  return (
    <Box
      sx={{
        position: 'sticky',
        bottom: -12,
        bgcolor: 'background.default',
        mt: 1,
        pt: 1,
        pb: 1.5,
        zIndex: 2,
      }}
    >
      <WorkError text={refused} />
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5, mt: 0.5 }}>
        <Button variant="contained" onClick={bench.moveOn} disabled={busy}>
          {stage === 'hand-back' ? 'Hand back' : `${stageLabel(stage)} done`} <KeyCap name="D" />
        </Button>
        {ticked < steps.length && stage !== 'measure' && (
          <Typography sx={{ fontSize: 14, color: 'warning.main' }}>
            {ticked} of {steps.length} steps ticked
          </Typography>
        )}
      </Box>
    </Box>
  )
}
