import Typography from '@mui/material/Typography'
import { formatSignedMm } from '@/core/units/formatMm'
import type { TrayBenchState } from '../../tray/useTrayBench'
import { HeightsPanel } from '../level/HeightsPanel'

/** Does an insert that was set lie level? A lump of old adhesive under it tilts it, and heights find where. */
export function InsertLevelPanel({ bench }: { readonly bench: TrayBenchState }) {
  const { insertLevel } = bench.state.view
  if (!insertLevel) return null
  const { standing, middle } = insertLevel
  return (
    <HeightsPanel
      bench={bench}
      view={insertLevel}
      label="Insert level"
      what="Insert"
      title="Insert level"
      toBegin="Where it looks uneven: read its height over the bezel’s edge round the case"
      beside={middle ? `in the middle ${formatSignedMm(middle.heightMm)}, ${middle.word}` : ''}
    >
      {standing?.because && <Typography sx={{ mt: 0.5 }}>{standing.because}</Typography>}
    </HeightsPanel>
  )
}
