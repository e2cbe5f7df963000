'use client'
import Box from '@mui/material/Box'
import Typography from '@mui/material/Typography'
import { useState } from 'react'
import { PRESS_WORK_FACTS } from '@/core/press/pressWorks'
import type { PressWorkView } from '@/services/tray/pressWorks'
import { FoldLine } from '../../small/FoldLine'
import type { StageWorkProps } from '../StageWorkProps'
import { dueWork, worksAt } from './dueWork'
import { PressWorkPanel } from './PressWorkPanel'

/** Everything the stage puts under a press: a line each, the one that is due open. */
export function PressWorks({ bench, actions }: StageWorkProps) {
  const { view, stage } = bench.state
  const works = worksAt(stage, view)
  const due = dueWork(stage, view)
  const [chosen, setChosen] = useState<string | null>(null)
  if (works.length === 0) return null
  const open = chosen ?? due?.work
  return (
    <Box sx={{ mt: 2 }}>
      <Typography variant="h2" component="h2">
        At the press
      </Typography>
      {works.map((shown) => (
        <FoldLine
          key={shown.work}
          label={PRESS_WORK_FACTS[shown.work].label}
          state={stateWords(shown)}
          isOpen={open === shown.work}
          onToggle={() => setChosen(open === shown.work ? 'none' : shown.work)}
        >
          <PressWorkPanel key={shown.work} bench={bench} actions={actions} shown={shown} />
        </FoldLine>
      ))}
    </Box>
  )
}

/** “2 logged, the last done”. */
function stateWords({ runs }: PressWorkView): string {
  const last = runs.at(-1)
  return last ? `${runs.length} logged, the last ${last.outcome.replaceAll('-', ' ')}` : 'not logged yet'
}
