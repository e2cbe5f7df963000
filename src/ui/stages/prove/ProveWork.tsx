import { JobWork } from '../shared/JobWork'
import type { StageWorkProps } from '../StageWorkProps'
import { DryTestPanel } from './dry/DryTestPanel'
import { BezelActionPanel } from './BezelActionPanel'
import { RunningPanel } from './RunningPanel'

/** The proofs: a dry tester's record, a turning bezel tried with figures, and what a hand and an eye say. */
export function ProveWork({ bench, actions }: StageWorkProps) {
  return (
    <>
      <DryTestPanel bench={bench} actions={actions} />
      <RunningPanel bench={bench} actions={actions} />
      <BezelActionPanel bench={bench} actions={actions} />
      <JobWork bench={bench} actions={actions} />
    </>
  )
}
