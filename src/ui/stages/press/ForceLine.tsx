import Box from '@mui/material/Box'
import Typography from '@mui/material/Typography'
import type { ExpectedForce } from '@/core/press/plan/expectedForce'
import { forceBand } from '@/core/press/plan/expectedForce'

export interface ForceLineProps {
  /** null where nothing tells */
  readonly force: ExpectedForce | null
  /** what it rests on, in words */
  readonly restsOn: string
  readonly tooHigh: readonly string[]
}

/** What force to expect and on what that rests; what speaks against it is said before. */
export function ForceLine({ force, restsOn, tooHigh }: ForceLineProps) {
  return (
    <>
      <Typography variant="body2" sx={{ color: 'text.secondary' }}>
        {force ? (
          <>
            Expect{' '}
            <Box component="span" className="figure" sx={{ color: 'text.primary' }}>
              {Math.round(forceBand(force).low)}–{Math.round(forceBand(force).high)} N
            </Box>
            : {restsOn}
          </>
        ) : (
          restsOn
        )}
        .
      </Typography>
      {tooHigh.map((sentence) => (
        <Typography key={sentence} role="alert" sx={{ color: 'error.main', fontSize: 14, lineHeight: 1.35 }}>
          <strong>Too much?</strong> {sentence}
        </Typography>
      ))}
    </>
  )
}
