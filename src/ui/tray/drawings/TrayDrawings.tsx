import Box from '@mui/material/Box'
import type { ComponentType } from 'react'
import { useMemo } from 'react'
import type { StageDrawing } from '@/core/stages/Stage'
import { stageOf } from '@/core/stages/stages'
import { sectionModel } from '../../section/sectionModel'
import { useElementWidth } from '../../small/useElementWidth'
import { pairOf } from '../chosenPair'
import type { TrayBenchState } from '../useTrayBench'
import { AssembledPane } from './AssembledPane'
import { BackPane } from './BackPane'
import { CornerPane } from './CornerPane'
import { LayersPane } from './LayersPane'
import type { PaneProps } from './PaneProps'
import { PlanPane } from './PlanPane'
import { WholePane } from './WholePane'

/** Width the drawings are laid out for before the browser has told its own, CSS px. */
const FIRST_WIDTH = 520
const LEAST_WIDTH = 320

const PANES: Readonly<Record<StageDrawing, ComponentType<PaneProps>>> = {
  whole: WholePane,
  back: BackPane,
  layers: LayersPane,
  corner: CornerPane,
  plan: PlanPane,
  assembled: AssembledPane,
}

/** The left side of a tray's page: what the stage being looked at is about, drawn to scale. */
export function TrayDrawings({ bench }: { bench: TrayBenchState }) {
  const { state, chosen } = bench
  const { view } = state
  const { ref, width } = useElementWidth<HTMLDivElement>(FIRST_WIDTH)
  const pair = pairOf(view, chosen, state.other?.candidate)
  const model = useMemo(() => sectionModel(view, pair, view.policy), [view, pair])
  const Pane = PANES[stageOf(state.stage).drawing]
  return (
    <Box ref={ref}>
      <Pane bench={bench} model={model} pair={pair} width={Math.max(width, LEAST_WIDTH)} />
    </Box>
  )
}
