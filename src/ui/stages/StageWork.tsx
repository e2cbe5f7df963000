'use client'
import dynamic from 'next/dynamic'
import type { ComponentType } from 'react'
import type { StageId } from '@/core/stages/stages'
import { MatchWork } from './match/MatchWork'
import { MeasureWork } from './measure/MeasureWork'
import { LeakNote } from './shared/LeakNote'
import { StandsBefore } from './shared/StandsBefore'
import type { StageWorkProps } from './StageWorkProps'

// Forms are the heaviest part of the page and not needed by most stages. They have no placeholder of their own, so that
// the whole page is answering at once; a stage is therefore only ever changed in a transition.
const IntakeWork = dynamic(() => import('./intake/IntakeWork').then((m) => m.IntakeWork))
const OpenWork = dynamic(() => import('./open/OpenWork').then((m) => m.OpenWork))
const PressInWork = dynamic(() => import('./press-in/PressInWork').then((m) => m.PressInWork))
const AlignWork = dynamic(() => import('./align/AlignWork').then((m) => m.AlignWork))
const CloseWork = dynamic(() => import('./close/CloseWork').then((m) => m.CloseWork))
const ProveWork = dynamic(() => import('./prove/ProveWork').then((m) => m.ProveWork))
const JobWork = dynamic(() => import('./shared/JobWork').then((m) => m.JobWork))

const WORK: Readonly<Record<StageId, ComponentType<StageWorkProps>>> = {
  intake: IntakeWork,
  open: OpenWork,
  decase: JobWork,
  measure: MeasureWork,
  'push-out': JobWork,
  clean: JobWork,
  match: MatchWork,
  'press-in': PressInWork,
  align: AlignWork,
  close: CloseWork,
  prove: ProveWork,
  'hand-back': JobWork,
}

/** The work of the stage being looked at. */
export function StageWork({ bench, actions }: StageWorkProps) {
  const Work = WORK[bench.state.stage]
  return (
    <>
      <StandsBefore bench={bench} />
      <LeakNote bench={bench} />
      <Work bench={bench} actions={actions} />
    </>
  )
}
