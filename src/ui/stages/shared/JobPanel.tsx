'use client'
import Box from '@mui/material/Box'
import Typography from '@mui/material/Typography'
import dynamic from 'next/dynamic'
import type { ReactNode } from 'react'
import type { StageId } from '@/core/stages/stages'
import { stepsOf } from '@/core/procedure/procedure'
import { stageOf } from '@/core/stages/stages'
import type { StageWorkProps } from '../StageWorkProps'
import { MethodsPanel } from '../push-out/MethodsPanel'
import { ReadingsTable } from '../measure/ReadingsTable'
import { TrayVerdict } from '../measure/TrayVerdict'
import { MovementNote } from '../decase/MovementNote'
import { ReplayPanel } from '../close/ReplayPanel'
import { OwnPartsPanel } from './OwnPartsPanel'
import { StepList } from './StepList'
import { TrailPanel } from '../decase/TrailPanel'

const PressWorks = dynamic(() => import('../press/PressWorks').then((m) => m.PressWorks), {
  loading: () => null,
})

const RemovalPanels = dynamic(() => import('../removal/RemovalPanels').then((m) => m.RemovalPanels), {
  loading: () => null,
})

/** Stages at which something is put under a press beside the crystal. */
const PRESSED_AT: readonly StageId[] = ['push-out', 'align', 'close']

/** What is read here, to choose from, and what it says of the size so far. */
function ReadHere({ bench, actions }: StageWorkProps) {
  const { view } = bench.state
  if (view.plan.length === 0) return null
  return (
    <Box sx={{ mt: 1.5 }}>
      <TrayVerdict bench={bench} actions={actions} />
      <ReadingsTable
        view={view}
        aimedAt={bench.target?.dimension ?? null}
        onAim={bench.aim}
        onTakeBack={bench.startVoid}
      />
    </Box>
  )
}

interface JobPanelProps extends StageWorkProps {
  readonly stage: StageId
  /** what goes with the steps, told right after them */
  readonly children?: ReactNode
}

/** The steps of a stage and, where it has them, parts coming off or going back, and methods that can harm. */
export function JobPanel({ bench, actions, stage, children }: JobPanelProps) {
  const { view } = bench.state
  const { label, settles, shows } = stageOf(stage)
  const steps = stepsOf(view.job.procedure, stage)
  const partsOff = shows.includes('parts-off') || steps.some(({ takesOff }) => takesOff.length > 0)
  const partsBack = shows.includes('parts-back') || steps.some(({ putsBack }) => putsBack.length > 0)
  return (
    <Box component="section" aria-label={label}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', columnGap: 2, flexWrap: 'wrap' }}>
        <Typography variant="h2" component="h2" sx={{ fontSize: '1.3rem' }}>
          {label}
        </Typography>
        <MovementNote view={view} />
      </Box>
      <Typography sx={{ color: 'text.secondary' }}>{settles}</Typography>
      <StepList bench={bench} actions={actions} stage={stage} />
      {children}
      {PRESSED_AT.includes(stage) && <PressWorks bench={bench} actions={actions} />}
      {shows.includes('own-parts') && <OwnPartsPanel bench={bench} actions={actions} />}
      {shows.includes('readings') && <ReadHere bench={bench} actions={actions} />}
      {view.removal && <RemovalPanels bench={bench} actions={actions} stage={stage} />}
      {shows.includes('methods') && <MethodsPanel bench={bench} actions={actions} />}
      {partsOff && <TrailPanel bench={bench} actions={actions} stage={stage} />}
      {partsBack && <ReplayPanel bench={bench} actions={actions} />}
    </Box>
  )
}
