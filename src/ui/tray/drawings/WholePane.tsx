import Box from '@mui/material/Box'
import { PlanView } from '../../section/PlanView'
import { SectionDrawing } from '../../section/SectionDrawing'
import type { PaneProps } from './PaneProps'
import { Evidence } from './Evidence'
import { Legend } from './Legend'

/** The case as it came in and as it is planned, with every dimension that can be read. */
export function WholePane({ bench, model, pair, width }: PaneProps) {
  const { view } = bench.state
  const { target } = bench
  return (
    <>
      <SectionDrawing model={model} width={width} aimedAt={target?.dimension ?? null} onAim={bench.aim} />
      <Legend newBezel={view.newBezel !== null} />
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', sm: '160px minmax(0,1fr)', lg: '226px minmax(0,1fr)' },
          columnGap: 2,
          alignItems: 'center',
          mt: 0.5,
        }}
      >
        <PlanView
          view={view}
          section={model.section}
          target={target}
          planned={pair?.crystal.magnifier ?? null}
        />
        <Evidence view={view} />
      </Box>
    </>
  )
}
