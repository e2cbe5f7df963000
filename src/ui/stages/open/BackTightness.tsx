import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import { BACK_TIGHTNESSES, isTightnessFinding } from '@/core/intake/jobWords'
import { WorkError } from '../shared/WorkError'
import { hasOwnBack } from '@/core/opening/backKinds'
import type { StageWorkProps } from '../StageWorkProps'
import { useErrorAt } from '../shared/useErrorAt'

/** How tight the back was: noted with a tap, and what it says of the seals. */
export function BackTightness({ bench, actions }: StageWorkProps) {
  const { view } = bench.state
  const [error, setError] = useErrorAt(bench.state.view)
  const inHand = view.tray.finishedAt === null
  const grade = view.job.findings.find((finding) => finding.kind === 'back-tightness')?.words ?? null
  if (!hasOwnBack(view.sheet.backKind)) return null
  return (
    <Box sx={{ mt: 1 }}>
      <Box
        role="group"
        aria-label="How the back came off"
        sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, alignItems: 'center' }}
      >
        <Box component="span" sx={{ fontSize: 14, color: 'text.secondary' }}>
          It came off
        </Box>
        {BACK_TIGHTNESSES.map((option) => (
          <Button
            key={option}
            size="small"
            aria-pressed={grade === option}
            variant={grade === option ? 'contained' : 'outlined'}
            color={isTightnessFinding(option) ? 'warning' : 'primary'}
            disabled={!inHand}
            onClick={() =>
              void bench
                .change(
                  actions.noteFinding({
                    trayId: view.tray.id,
                    kind: 'back-tightness',
                    words: option,
                    stage: 'open',
                  }),
                )
                .then(setError)
            }
            sx={{ minHeight: 40 }}
          >
            {option.replaceAll('-', ' ')}
          </Button>
        ))}
      </Box>
      {view.job.facts.sealsDoubtful && (
        <Typography sx={{ fontSize: 14, color: 'warning.main' }}>
          The seals are doubtful: it goes in the report, the back seal is new by default, and no bath for this
          head.
        </Typography>
      )}
      <WorkError text={error} />
    </Box>
  )
}
