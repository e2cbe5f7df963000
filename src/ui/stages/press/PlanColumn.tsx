import Box from '@mui/material/Box'
import Typography from '@mui/material/Typography'
import type { LayWords } from '@/core/level/layWords'
import type { DieProfile } from '@/core/dies/dieProfile'
import type { PressPlan } from '@/core/press/plan/pressPlan'
import { DieLine } from './DieLine'
import { DieToMake } from './DieToMake'

export interface PlanColumnProps {
  readonly plan: PressPlan
  readonly toMake: readonly DieProfile[]
  /** how to lay the case first; null where it does not matter, or is said elsewhere */
  readonly lay: LayWords | null
}

/** A press's plan: its dies, what they touch and must not, and how, in the order of the work. */
export function PlanColumn({ plan, toMake, lay }: PlanColumnProps) {
  const byHand = plan.dies.length === 0
  return (
    <Box>
      {plan.dies.map((planned) => (
        <DieLine key={planned.role} planned={planned} />
      ))}
      {toMake.map((profile) => (
        <DieToMake key={profile.name} profile={profile} />
      ))}
      {byHand && <Typography sx={{ fontWeight: 700 }}>By hand: no press, no dies</Typography>}
      {plan.cushion !== '' && <Line name="Cushion" words={plan.cushion} />}
      {!byHand && (
        <>
          <Line name="Presses" words={plan.presses} />
          <Line name="Rests on" words={plan.restsOn} />
          {plan.spare.length > 0 && <Line name="Keep off" words={plan.spare.join(', ')} />}
        </>
      )}
      <Box component="ol" sx={{ pl: 2.2, my: 0.5, fontSize: 13.5, lineHeight: 1.3, '& li': { mb: 0.25 } }}>
        {[...(lay ? [lay] : []), ...plan.steps].map(({ action, why }) => (
          <li key={action}>
            {action}{' '}
            <Box component="span" sx={{ color: 'text.secondary', fontSize: 12.5 }}>
              ({why})
            </Box>
          </li>
        ))}
      </Box>
      <Typography variant="body2" sx={{ color: 'error.main' }}>
        <strong>Stop</strong> {plan.stop}.
      </Typography>
    </Box>
  )
}

function Line({ name, words }: { readonly name: string; readonly words: string }) {
  return (
    <Typography variant="body2" sx={{ mt: 0.25 }}>
      <strong>{name}</strong> {words}
    </Typography>
  )
}
