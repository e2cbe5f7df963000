import Box from '@mui/material/Box'
import { CaseKey } from '../../section/CaseKey'
import { CornerDrawing } from '../../section/CornerDrawing'
import { PlanView } from '../../section/PlanView'
import { usePressGap } from '../../stages/press/live/pressGap'
import { stageIndex } from '@/core/stages/stages'
import { diesAt } from './diesAt'
import { Evidence } from './Evidence'
import { Legend } from './Legend'
import type { PaneProps } from './PaneProps'

const NARROW = 480
const PLAN = 200
const GAP = 16
const LEAST_KEY = 264

/** What decides the fit, large; the whole case small as its key; what was read from above; what the size rests on. */
export function CornerPane({ bench, model, pair, width }: PaneProps) {
  const { view, stage } = bench.state
  // While the old crystal is read and taken out it is what is looked at; from then on, what goes in.
  const side = pair && stageIndex(stage) >= stageIndex('match') ? 'planned' : 'found'
  const aimedAt = bench.target?.dimension ?? null
  const narrow = width < NARROW
  const gap = usePressGap()
  const dies = diesAt(stage, view, model[side].outlines)
  return (
    <>
      <CornerDrawing
        model={model}
        side={side}
        width={width}
        dies={dies}
        gap={stage === 'press-in' ? gap : null}
        aimedAt={aimedAt}
        onAim={bench.aim}
      />
      <Legend newBezel={view.newBezel !== null} />
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: narrow ? '1fr' : `minmax(0,1fr) ${PLAN}px`,
          columnGap: `${GAP}px`,
          alignItems: 'center',
        }}
      >
        <CaseKey
          model={model}
          side={side}
          width={narrow ? width : Math.max(LEAST_KEY, width - PLAN - GAP)}
          dies={dies}
          aimedAt={aimedAt}
          onAim={bench.aim}
        />
        <PlanView
          view={view}
          section={model.section}
          target={bench.target}
          planned={pair?.crystal.magnifier ?? null}
          mostHeight={PLAN}
        />
      </Box>
      <Evidence view={view} />
    </>
  )
}
