import { PlanView } from '../../section/PlanView'
import { SectionDrawing } from '../../section/SectionDrawing'
import { asItStands } from './asItStands'
import type { PaneProps } from './PaneProps'

const LARGE = 260

/** The case as it is closed: the same on both sides, with what its fitting came to. */
export function AssembledPane({ bench, model, pair, width }: PaneProps) {
  const { view } = bench.state
  return (
    <>
      <SectionDrawing model={asItStands(model, view)} width={width} aimedAt={null} onAim={null} />
      <PlanView
        view={view}
        section={model.section}
        target={null}
        planned={pair?.crystal.magnifier ?? null}
        mostHeight={LARGE}
      />
    </>
  )
}
