'use client'
import Box from '@mui/material/Box'
import type { StageId } from '@/core/stages/stages'
import { stageLabel } from '@/core/stages/stages'
import type { StandingDemand } from '@/core/stages/StageState'
import { ReasonDialog } from '../small/ReasonDialog'

export interface LeaveDialogProps {
  readonly stage: StageId
  /** what is open, in the order of the work */
  readonly open: readonly StandingDemand[]
  readonly onClose: () => void
  readonly onReason: (reason: string) => Promise<string | null>
}

/** Asks why a stage is left with something open; the reason is kept with each. */
export function LeaveDialog({ stage, open, onClose, onReason }: LeaveDialogProps) {
  const many = open.length === 1 ? '1 thing' : `${open.length} things`
  // Somebody else may do it while the reason is being typed.
  const asks = open.length === 0 ? 'nothing is open any more' : `leave ${many} out?`
  return (
    <ReasonDialog
      title={`${stageLabel(stage)}: ${asks}`}
      hint="as “not needed on this piece”; it stays on record with each"
      act="Leave out and go on"
      onClose={onClose}
      onReason={onReason}
    >
      <Box
        component="ul"
        aria-label="Open"
        sx={{ m: 0, mb: 1.5, pl: 2.5, maxHeight: 220, overflowY: 'auto' }}
      >
        {open.map(({ subject, open: words }) => (
          <li key={subject}>{words}</li>
        ))}
      </Box>
    </ReasonDialog>
  )
}
