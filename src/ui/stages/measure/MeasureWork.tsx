import dynamic from 'next/dynamic'
import type { StageWorkProps } from '../StageWorkProps'
import { GoOn } from '../shared/GoOn'
import { ReadingsTable } from './ReadingsTable'

import { StepVerdicts } from './StepVerdicts'
import { TrayVerdict } from './TrayVerdict'

// Without a placeholder, like the stages: see StageWork.
const ReadingsExchange = dynamic(() => import('./ReadingsExchange').then((m) => m.ReadingsExchange))
const ShapePanel = dynamic(() => import('./ShapePanel').then((m) => m.ShapePanel))

/** What was read, what it says of the size, and the ways round the jaws. */
export function MeasureWork({ bench, actions }: StageWorkProps) {
  const { target } = bench
  const { view } = bench.state
  return (
    <>
      <TrayVerdict bench={bench} actions={actions} />
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
}
