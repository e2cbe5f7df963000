import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { stageIndex, stageLabel } from '@/core/stages/stages'
import { openOf } from '@/core/stages/StageState'
import type { StageWorkProps } from '../StageWorkProps'

/** Where the tray stands, when a later stage is looked at: what is open before it is not done by looking ahead. */
export function StandsBefore({ bench }: Pick<StageWorkProps, 'bench'>) {
  const { view, stage } = bench.state
  const { stage: standsAt, finishedAt } = view.tray
  // Handing back lists all that is open by itself.
  if (finishedAt !== null || stage === 'hand-back') return null
  const [from, to] = [stageIndex(standsAt), stageIndex(stage)]
  const open = view.job.stages
    .filter((state) => stageIndex(state.stage) >= from && stageIndex(state.stage) < to)
    .flatMap(openOf)
  if (open.length === 0) return null
  return (
    <Box
      role="note"
      sx={{
        display: 'flex',
        alignItems: 'center',
        gap: 1,
        fontSize: 14,
        color: 'warning.main',
        minHeight: 32,
      }}
    >
      The tray stands at {stageLabel(standsAt)}: {open.length} open before this.
      <Button size="small" onClick={() => bench.showStage(standsAt)} sx={{ minHeight: 32, py: 0 }}>
        Back to {stageLabel(standsAt)}
      </Button>
    </Box>
  )
}
