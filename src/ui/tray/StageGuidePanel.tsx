import Box from '@mui/material/Box'
import Typography from '@mui/material/Typography'
import { STAGE_GUIDES } from '@/core/stages/stageGuides'
import type { StageId } from '@/core/stages/stages'
import { stageLabel } from '@/core/stages/stages'
import type { TrayView } from '@/services/trayView'
import { LastTimeNote } from './LastTimeNote'

/** What a stage settles and what to look at before going on. */
export function StageGuidePanel({ stage, view }: { stage: StageId; view: TrayView }) {
  const guide = STAGE_GUIDES[stage]
  if (!guide) return null
  return (
    <Box component="section" aria-label={stageLabel(stage)}>
      <Typography variant="h2" component="h2">
        {stageLabel(stage)}
      </Typography>
      <Typography sx={{ mt: 0.5, fontSize: '1.15rem' }}>{guide.settles}</Typography>
      {stage === 'intake' && view.tray.complaint && (
        <Typography sx={{ mt: 1.5, pl: 1.5, borderLeft: 3, borderColor: 'warning.main' }}>
          “{view.tray.complaint}”
        </Typography>
      )}
      {stage === 'intake' && view.lastTime && <LastTimeNote last={view.lastTime} />}
      <Box component="ol" sx={{ mt: 1.5, pl: 2.5, '& li': { mb: 1 } }}>
        {guide.checks.map((check) => (
          <li key={check}>{check}</li>
        ))}
      </Box>
      {guide.caution && <Caution text={guide.caution} />}
      {view.sheet.note && (
        <Typography sx={{ mt: 1.5, color: 'text.secondary' }}>
          On this case sheet: {view.sheet.note}
        </Typography>
      )}
    </Box>
  )
}

export function Caution({ text }: { text: string }) {
  return (
    <Typography sx={{ color: 'error.main', fontSize: 14, lineHeight: 1.35, mt: 0.5 }}>
      <strong>Caution.</strong> {text}
    </Typography>
  )
}
