'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Link from '@mui/material/Link'
import Typography from '@mui/material/Typography'
import { useState } from 'react'
import type { DryTestShown } from '@/services/tray/dryTestView'
import { VerdictLine } from '../../../small/VerdictLine'
import { useTimes } from '../../../small/useTimes'
import { NotYet } from '../../shared/NotYet'
import type { StageWorkProps } from '../../StageWorkProps'
import { DryChart } from './DryChart'
import { DryRecordForm } from './DryRecordForm'
import { LeakPlaces } from './LeakPlaces'

/** Is the case tight? A tester's record, what it says and what it could not have seen, and where to go when it leaks. */
export function DryTestPanel({ bench, actions }: StageWorkProps) {
  const { view } = bench.state
  const { dryTest } = view
  const [asked, setAsked] = useState<'test' | 'blank' | null>(null)
  if (!dryTest) return null
  const { last, pressure, crystal, testers, notYet, looked } = dryTest
  const inHand = view.tray.finishedAt === null
  return (
    <Box component="section" aria-label="Dry test" sx={{ mb: 1.5 }}>
      {last ? (
        <Found last={last} />
      ) : (
        <Typography variant="body2" sx={{ color: 'text.secondary' }}>
          {pressure === null ? 'No class is stated.' : `This piece is tested at ${pressure}.`} A tester’s
          record tells how much air gets in; without one, answer below what its lamp said.
        </Typography>
      )}
      {crystal !== null && inHand && last?.isTight !== true && (
        <Typography sx={{ fontSize: 14.5, color: 'warning.main', mt: 0.5 }}>
          <strong>Before it is put under pressure.</strong> {crystal}
        </Typography>
      )}
      <LeakPlaces bench={bench} actions={actions} />
      <Looked looked={looked} />
      {inHand && testers.length === 0 && (
        <Typography sx={{ mt: 0.5 }}>
          No tester yet: <Link href="/settings#testers">add one in Settings</Link>.
        </Typography>
      )}
      {inHand && testers.length > 0 && (
        <>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 }}>
            {notYet === null && (
              <Button
                variant={last?.isTight === true ? 'outlined' : 'contained'}
                onClick={() => setAsked(asked === 'test' ? null : 'test')}
                aria-expanded={asked === 'test'}
                sx={{ minHeight: 44 }}
              >
                {last ? 'Test once more' : 'Record a test'}
              </Button>
            )}
            <Button
              variant="outlined"
              onClick={() => setAsked(asked === 'blank' ? null : 'blank')}
              aria-expanded={asked === 'blank'}
              sx={{ minHeight: 44 }}
            >
              Record a blank run
            </Button>
          </Box>
          {notYet !== null && <NotYet words={notYet} />}
          {asked === 'blank' && <BlankRunHelp />}
          {asked !== null && (
            <DryRecordForm
              key={asked}
              kind={asked}
              bench={bench}
              actions={actions}
              onKept={() => setAsked(null)}
            />
          )}
        </>
      )}
    </Box>
  )
}

function Found({ last }: { readonly last: DryTestShown }) {
  const { isTight, verdict, words, notes, figures, drift, gains, plot, simulated } = last
  return (
    <>
      <VerdictLine isGood={verdict === 'cannot-tell' ? null : isTight} words={words} />
      {notes.map((note) => (
        <Typography key={note} sx={{ fontSize: 14.5, mt: 0.25 }}>
          {note}
        </Typography>
      ))}
      <DryChart plot={plot} />
      <Box
        component="dl"
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', sm: '220px minmax(0,1fr)' },
          columnGap: 1.5,
          m: 0,
          fontSize: 14.5,
          '& dt': { color: 'text.secondary' },
          '& dd': { m: 0 },
        }}
      >
        {figures.map(({ what, is }) => (
          <Box key={what} sx={{ display: 'contents' }}>
            <dt>{what}</dt>
            <dd>{is}</dd>
          </Box>
        ))}
      </Box>
      <Typography sx={{ fontSize: 14.5, mt: 0.5 }}>
        {drift}
        {gains !== null && ` ${gains}`}
        {simulated && ' A simulated tester: no case was under pressure.'}
      </Typography>
    </>
  )
}

/** Common practice. */
function BlankRunHelp() {
  return (
    <Box component="ol" sx={{ pl: 2.5, my: 0.75, fontSize: 14.5 }}>
      <li>Set a test piece that cannot leak under the foot, or this case without any pressure.</li>
      <li>Start the tester as for a test, and let it record as long as one lasts.</li>
      <li>
        Keep the record here. After three the drift is known, and what was tested before is judged anew.
      </li>
    </Box>
  )
}

function Looked({ looked }: { readonly looked: readonly { readonly words: string; readonly at: string }[] }) {
  const { clockText } = useTimes()
  return looked.map(({ words, at }) => (
    <Typography key={at} sx={{ fontSize: 14.5, mt: 0.5 }}>
      {words} <span className="figure">({clockText(at)})</span>
    </Typography>
  ))
}
