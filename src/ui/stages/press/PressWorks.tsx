'use client'
import Box from '@mui/material/Box'
import ButtonBase from '@mui/material/ButtonBase'
import Typography from '@mui/material/Typography'
import { useState } from 'react'
import { PRESS_WORK_FACTS } from '@/core/press/pressWorks'
import type { PressWorkView } from '@/services/tray/pressWorks'
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
        <Box key={shown.work} sx={{ borderTop: 1, borderColor: 'divider' }}>
          <ButtonBase
            aria-expanded={open === shown.work}
            onClick={() => setChosen(open === shown.work ? 'none' : shown.work)}
            sx={{
              minHeight: 44,
              width: '100%',
              justifyContent: 'space-between',
              font: 'inherit',
              fontSize: '1.1rem',
              fontWeight: open === shown.work ? 700 : 400,
            }}
          >
            <span>{PRESS_WORK_FACTS[shown.work].label}</span>
            <Box component="span" sx={{ fontSize: 14, fontWeight: 400, color: 'text.secondary' }}>
              {stateWords(shown)}
            </Box>
          </ButtonBase>
          {open === shown.work && (
            <PressWorkPanel key={shown.work} bench={bench} actions={actions} shown={shown} />
          )}
        </Box>
      ))}
    </Box>
  )
}

/** “2 logged, the last done”. */
function stateWords({ runs }: PressWorkView): string {
  const last = runs.at(-1)
  return last ? `${runs.length} logged, the last ${last.outcome.replaceAll('-', ' ')}` : 'not logged yet'
}
