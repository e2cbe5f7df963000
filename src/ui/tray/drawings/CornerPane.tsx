import Box from '@mui/material/Box'
import { CaseKey } from '../../section/CaseKey'
import { CornerDrawing } from '../../section/CornerDrawing'
import { PlanView } from '../../section/PlanView'
import { drawnDies } from '@/core/section/drawnDies'
import type { DrawnDie } from '@/core/section/drawnDies'
import type { Outline } from '@/core/section/outline'
import { chosenDie } from '@/core/press/plan/PlannedDie'
import type { PressPlan } from '@/core/press/plan/pressPlan'
import type { StageId } from '@/core/stages/stages'
import type { TrayView } from '@/services/tray/trayView'
import { usePressGap } from '../../stages/press/live/pressGap'
import { stageIndex } from '@/core/stages/stages'
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

/** Dies of the press that the stage is for, where they bear; none where it is for none, or it goes by hand. */
function diesAt(stage: StageId, view: TrayView, outlines: readonly Outline[]): DrawnDie[] {
  const out = view.pressWorks.find(({ work }) => work === 'push-out')
  const plan =
    stage === 'push-out'
      ? out?.plan
      : stage === 'press-in'
        ? Object.values(view.press?.plans ?? {})[0]
        : undefined
  if (!plan) return []
  const die = (role: PressPlan['dies'][number]['role']) =>
    chosenDie(plan.dies.find((planned) => planned.role === role))
  return drawnDies(
    outlines,
    { pusher: die('pusher'), support: die('support') },
    stage === 'push-out' ? 'out' : 'in',
  )
}
