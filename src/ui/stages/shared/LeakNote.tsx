import Typography from '@mui/material/Typography'
import type { StageWorkProps } from '../StageWorkProps'

/** Why the tray came back to a stage: a leak that is looked for there, until the case is tested again. */
export function LeakNote({ bench }: Pick<StageWorkProps, 'bench'>) {
  const { view, stage } = bench.state
  const leak = view.dryTest?.looked.findLast((one) => one.isOpen && one.stage === stage)
  if (!leak || view.tray.finishedAt !== null) return null
  return (
    <Typography
      role="note"
      sx={{ mb: 0.75, pl: 1.25, borderLeft: 3, borderColor: 'warning.main', fontSize: 14.5 }}
    >
      <strong>Back from the dry test.</strong> {leak.words}. Then test it once more at Prove.
    </Typography>
  )
}
