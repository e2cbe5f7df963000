'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import dynamic from 'next/dynamic'
import { useState } from 'react'
import { ASKED_WORDS } from '@/core/intake/jobWords'
import { LastTimeNote } from '../press-in/LastTimeNote'
import type { StageWorkProps } from '../StageWorkProps'
import { minutesText } from '@/core/units/minutesText'
import { aboutText } from '../../small/timeText'
import { PastFindings } from '../shared/PastFindings'
import { Findings } from './Findings'
import { HazardList } from '../shared/HazardList'
import { PhotoShelf } from './PhotoShelf'
import { StepList } from '../shared/StepList'
import { classWords } from '@/core/intake/waterClass'
import { capital } from '@/core/units/capital'

const IntakeDialog = dynamic(() => import('./IntakeDialog').then((m) => m.IntakeDialog), {
  loading: () => null,
})

/** What was taken in, what can hurt, what was said, and how it looked. */
export function IntakePanel({ bench, actions }: StageWorkProps) {
  const { view } = bench.state
  const { tray, job } = view
  const [correcting, setCorrecting] = useState(false)
  const correct = (on: boolean) => {
    setCorrecting(on)
    bench.setAtDialog(on)
  }
  const facts = [
    `crystal ${tray.crystalState}`,
    job.facts.crystalMaterial?.replaceAll('-', ' ') ?? 'material not known',
    classWords(tray),
    tray.use,
    tray.wear === null ? null : `wear ${tray.wear} of 10`,
    tray.gasketAgeYears === null ? null : `its gasket ${tray.gasketAgeYears} years old`,
  ]
  return (
    <Box component="section" aria-label="Intake">
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1 }}>
        <Typography variant="h2" component="h2" sx={{ flexGrow: 1, fontSize: '1.3rem' }}>
          {tray.asked.length > 0
            ? capital(tray.asked.map((a) => ASKED_WORDS[a]).join(', '))
            : 'Nothing asked for yet'}
        </Typography>
        {tray.finishedAt === null && (
          <Button size="small" onClick={() => correct(true)} sx={{ flexShrink: 0 }}>
            Correct intake
          </Button>
        )}
      </Box>
      <Typography sx={{ color: 'text.secondary' }} suppressHydrationWarning>
        {facts.filter(Boolean).join(', ')}; {aboutText(job.procedure.activeMinutes)} of work
        {job.procedure.waitMinutes > 0 && `, ${minutesText(job.procedure.waitMinutes)} of waiting`}
      </Typography>
      <HazardList bench={bench} actions={actions} />
      {tray.complaint && <Quote label="says">{tray.complaint}</Quote>}
      {tray.promises && <Quote label="promised">{tray.promises}</Quote>}
      {view.lastTime && <LastTimeNote last={view.lastTime} />}
      <PastFindings found={view.pastFindings} />
      <PhotoShelf bench={bench} actions={actions} />
      <StepList bench={bench} actions={actions} stage="intake" />
      <Findings
        bench={bench}
        actions={actions}
        kind="cannot-repair"
        label="Cannot be repaired"
        help="in the owner’s words, as “gouge by 4 on the dial”"
      />
      {view.sheet.note && (
        <Typography sx={{ mt: 1, color: 'text.secondary' }}>On this case sheet: {view.sheet.note}</Typography>
      )}
      {correcting && (
        <IntakeDialog
          tray={tray}
          onClose={() => correct(false)}
          onStore={async (values) => {
            const result = await actions.correctIntake({ trayId: tray.id, fields: values })
            if (result.ok) {
              bench.take(result, bench.state.stage)
              correct(false)
            }
            return result
          }}
        />
      )}
    </Box>
  )
}

function Quote({ label, children }: { label: string; children: string }) {
  return (
    <Typography
      sx={{ mt: 0.5, pl: 1.25, borderLeft: 3, borderColor: 'warning.main', overflowWrap: 'anywhere' }}
    >
      <span style={{ color: 'var(--mui-palette-text-secondary)' }}>{label}</span> “{children}”
    </Typography>
  )
}
