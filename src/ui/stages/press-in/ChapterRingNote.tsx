import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { stepsOf } from '@/core/procedure/procedure'
import { SET_AT_THE_PRESS } from '@/core/stages/straightDemands'
import { standsHow, standsStraight } from '@/core/straight/standingPairs'
import { capital } from '@/core/units/capital'
import { PAIR_WORDS } from '@/core/straight/pairs'
import type { TrayBenchState } from '../../tray/useTrayBench'

/** A chapter ring is set here and read at Align: how it stands by its last look, and the way there. */
export function ChapterRingNote({ bench }: { readonly bench: TrayBenchState }) {
  const { view, stage } = bench.state
  const pair = view.straight.pairs.find((one) => one.pair === 'chapter-dial')
  if (!pair || !stepsOf(view.job.procedure, stage).some(({ id }) => id === SET_AT_THE_PRESS)) return null
  const { standing } = pair
  const isOpen = standing !== null && !standsStraight(standing)
  return (
    <Box
      role="note"
      sx={{
        display: 'flex',
        alignItems: 'center',
        flexWrap: 'wrap',
        columnGap: 1,
        fontSize: 14.5,
        color: isOpen ? 'warning.main' : 'text.secondary',
      }}
    >
      {capital(PAIR_WORDS['chapter-dial'].label)} {standing ? standsHow(standing) : 'not read'}.
      <Button size="small" onClick={() => showRing(bench)} sx={{ minHeight: 36 }}>
        Read it, and what would help
      </Button>
    </Box>
  )
}

function showRing(bench: TrayBenchState): void {
  bench.straight.choosePair('chapter-dial')
  bench.showStage('align')
}
