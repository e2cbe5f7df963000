'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import type { ReactNode } from 'react'
import { useState } from 'react'
import { isHarm, OUTCOME_WORDS, WAY_LABELS } from '@/core/removal/Removal'
import { capital } from '@/core/units/capital'
import type { PartRemovalView, RemovalTold } from '@/services/tray/removalView'
import { RecordForm } from '../../forms/RecordForm'
import { useTimes } from '../../small/useTimes'
import { answerOf } from '../../tray/trayAnswer'
import type { StageWorkProps } from '../StageWorkProps'
import { NotYet } from '../shared/NotYet'
import { useErrorAt } from '../shared/useErrorAt'
import { WorkError } from '../shared/WorkError'
import { WayCard } from './WayCard'

interface PartRemovalProps extends StageWorkProps {
  readonly removal: PartRemovalView
  readonly children?: ReactNode
}

/** One part that comes off: its ways side by side, safest first, one of them taken; then how it went. */
export function PartRemoval({ bench, actions, removal, children }: PartRemovalProps) {
  const { view } = bench.state
  const { part, school, ways, fields, tries, notYet } = removal
  const [logs, setLogs] = useState(false)
  const [error, setError] = useErrorAt(view)
  const inHand = view.tray.finishedAt === null
  const title = `${capital(part)} off${school === null ? '' : ', safest first'}`
  const takenWay = ways.find(({ isTaken }) => isTaken)
  return (
    <Box component="section" aria-label={title} sx={{ mt: 2 }}>
      <Typography variant="h3" component="h3" sx={{ fontSize: '1.05rem', mb: 0.75 }}>
        {title}
      </Typography>
      <Box
        component="ol"
        sx={{
          m: 0,
          p: 0,
          listStyle: 'none',
          display: 'grid',
          gridTemplateColumns: 'repeat(auto-fit, minmax(min(100%, 250px), 1fr))',
          gap: 1.5,
        }}
      >
        {ways.map((way) => (
          <WayCard
            key={way.id}
            way={way}
            onTake={
              school !== null && inHand && !way.isTaken && way.against === null
                ? () =>
                    void bench
                      .change(actions.chooseSchool({ trayId: view.tray.id, school, option: way.id }))
                      .then(setError)
                : null
            }
          />
        ))}
      </Box>
      <WorkError text={error} />
      {children}
      {tries.length > 0 && <Tries tries={tries} />}
      {inHand && notYet !== null && <NotYet words={notYet} />}
      {inHand && notYet === null && !logs && (
        <Button variant="outlined" size="small" onClick={() => setLogs(true)} sx={{ mt: 1 }}>
          {tries.length === 0 ? 'Write down how it went' : 'One more try'}
        </Button>
      )}
      {inHand && logs && (
        <Box sx={{ mt: 1 }}>
          <RecordForm
            fields={fields}
            initial={{ way: takenWay?.id ?? ways[0]?.id, outcome: 'clean' }}
            submitLabel="Keep how it went"
            onSubmit={async (values) => {
              const answer = await answerOf(
                actions.logRemoval({ trayId: view.tray.id, part, fields: values }),
              )
              if (answer.ok) {
                setLogs(false)
                bench.take(answer, bench.state.stage)
              }
              return answer
            }}
          />
        </Box>
      )}
    </Box>
  )
}

/** How it went on this tray, try by try. */
function Tries({ tries }: { tries: readonly RemovalTold[] }) {
  const { clockText } = useTimes()
  return (
    <Box component="ol" aria-label="Tries" sx={{ m: 0, mt: 1, p: 0, listStyle: 'none', fontSize: 14.5 }}>
      {tries.map(({ at, way, outcome, minutes, note }) => (
        <Box
          component="li"
          key={at}
          sx={{ py: 0.4, borderTop: 1, borderColor: 'divider', display: 'flex', gap: 1.5 }}
        >
          <Box
            component="strong"
            sx={{
              minWidth: 112,
              color: isHarm(outcome) ? 'error.main' : outcome === 'clean' ? 'success.main' : 'warning.main',
            }}
          >
            {OUTCOME_WORDS[outcome]}
          </Box>
          <Box sx={{ flexGrow: 1 }}>{[WAY_LABELS[way], note].filter(Boolean).join(': ')}</Box>
          <Box className="figure" suppressHydrationWarning sx={{ color: 'text.secondary' }}>
            {minutes === null ? '' : `${minutes} min, `}
            {clockText(at)}
          </Box>
        </Box>
      ))}
    </Box>
  )
}
