'use client'
import Box from '@mui/material/Box'
import Typography from '@mui/material/Typography'
import { useState } from 'react'
import { VerdictLine } from '../../small/VerdictLine'
import { RecordForm } from '../../forms/RecordForm'
import { answerOf } from '../../tray/trayAnswer'
import type { StageWorkProps } from '../StageWorkProps'
import { NotYet } from '../shared/NotYet'

/** A turning bezel tried once round and back: what was counted, what it says, and what to do about it. */
export function BezelActionPanel({ bench, actions }: StageWorkProps) {
  const { view } = bench.state
  const { bezelAction } = view
  const [again, setAgain] = useState(false)
  if (!bezelAction) return null
  const { last, fields, notYet, expectedClicks } = bezelAction
  const inHand = view.tray.finishedAt === null
  const asks = inHand && notYet === null && (last === null || again)
  return (
    <Box component="section" aria-label="Bezel’s action" sx={{ mb: 1.5 }}>
      {last && <VerdictLine isGood={last.isRight} words={last.words} />}
      {last?.wrong.map((sentence) => (
        <Typography key={sentence} sx={{ fontSize: 14.5, mt: 0.25 }}>
          {sentence}
        </Typography>
      ))}
      {!last && (
        <Typography variant="body2" sx={{ color: 'text.secondary' }}>
          Once round, then back{expectedClicks === null ? '' : `: ${expectedClicks} clicks by the case sheet`}
          .
        </Typography>
      )}
      {notYet !== null && inHand && <NotYet words={notYet} />}
      {asks && (
        <RecordForm
          fields={fields}
          initial={{ otherWay: 'holds', feel: 'right', zeroOnMark: false }}
          submitLabel="Keep what it did"
          dense
          onSubmit={async (values) => {
            const answer = await answerOf(actions.tryBezel({ trayId: view.tray.id, fields: values }))
            if (answer.ok) {
              setAgain(false)
              bench.take(answer, bench.state.stage)
            }
            return answer
          }}
        />
      )}
      {last && !again && inHand && (
        <Box component="button" type="button" onClick={() => setAgain(true)} sx={LINK}>
          Try it again
        </Box>
      )}
    </Box>
  )
}

const LINK = {
  font: 'inherit',
  fontSize: 14.5,
  fontWeight: 700,
  color: 'primary.main',
  bgcolor: 'transparent',
  border: 0,
  p: 0,
  minHeight: 36,
  cursor: 'pointer',
}
