import { JobWork } from '../shared/JobWork'
import type { StageWorkProps } from '../StageWorkProps'
import { BezelActionPanel } from './BezelActionPanel'

/** The proofs, and a turning bezel tried with figures. */
export function ProveWork({ bench, actions }: StageWorkProps) {
  return (
    <>
      <BezelActionPanel bench={bench} actions={actions} />
      <JobWork bench={bench} actions={actions} />
    </>
  )
}
