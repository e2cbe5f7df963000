'use client'
import type { StageId } from '@/core/stages/stages'
import type { StageWorkProps } from '../StageWorkProps'
import { HeatPanel } from './HeatPanel'
import { PartRemoval } from './PartRemoval'

/** How everything comes off at this stage that can be harmed by it: ways side by side, heat by the burst, how it went. */
export function RemovalPanels({ bench, actions, stage }: StageWorkProps & { stage: StageId }) {
  const { removal } = bench.state.view
  if (!removal) return null
  const here = removal.parts.filter(({ at }) => at.includes(stage))
  return (
    <>
      {here.map((part) => (
        <PartRemoval key={part.part} bench={bench} actions={actions} removal={part}>
          {part.part === 'magnifier' && removal.heat && (
            <HeatPanel bench={bench} actions={actions} heat={removal.heat} />
          )}
        </PartRemoval>
      ))}
    </>
  )
}
