import Box from '@mui/material/Box'
import { hasOwnBack } from '@/core/opening/backKinds'
import { opensBack } from '@/core/procedure/opensBack'
import { BackDrawing } from '../../section/BackDrawing'
import { ASSUMED_CASE_MM, keepClearOf, ringOf } from '../../stages/open/backRing'
import type { PaneProps } from './PaneProps'
import { WholePane } from './WholePane'

/** The back as one has it before one, with what grips it; the case where no back comes off. */
export function BackPane(props: PaneProps) {
  const { view } = props.bench.state
  const { sheet, job } = view
  if (!opensBack(job.procedure) || !hasOwnBack(sheet.backKind)) return <WholePane {...props} />
  return (
    <Box sx={{ maxWidth: 460, mx: 'auto', mt: 1 }}>
      <BackDrawing
        ring={ringOf(view, props.bench.triedCircleMm)}
        caseDiameterMm={sheet.caseDiameterMm ?? ASSUMED_CASE_MM}
        keepClearHours={keepClearOf(sheet)}
        pegsDeg={job.pegs.pegsDeg}
      />
    </Box>
  )
}
