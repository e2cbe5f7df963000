'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import type { MethodAssessment, MethodProposal } from '@/core/methods/assessMethod'
import type { Scope } from '@/core/methods/scopes'
import { assessMethod } from '@/core/methods/assessMethod'
import { SCOPE_WORDS, SCOPES } from '@/core/methods/scopes'
import type { Process, Severity } from '@/core/methods/harmTable'
import { PROCESS_WORDS, PROCESSES } from '@/core/methods/harmTable'
import type { TrayView } from '@/services/tray/trayView'
import { sinceText } from '../../small/timeText'
import { useTimes } from '../../small/useTimes'
import type { StageWorkProps } from '../StageWorkProps'
import { WorkError } from '../shared/WorkError'
import { useErrorAt } from '../shared/useErrorAt'

const SEVERITY: Readonly<Record<Severity, { word: string; colour: string }>> = {
  allow: { word: 'may be used', colour: 'success.main' },
  warn: { word: 'with care', colour: 'warning.main' },
  block: { word: 'blocked', colour: 'error.main' },
}

/** Checks a bath, flame or the like against this tray and the whole bench before it starts, and keeps what is open. */
export function MethodsPanel({ bench, actions }: StageWorkProps) {
  const { clockText } = useTimes()
  const { view } = bench.state
  const { job } = view
  const usual = usualMethod(view)
  const [process, setProcess] = useState<Process>(usual.process)
  const [scope, setScope] = useState<Scope>(usual.scope)
  const [error, setError] = useErrorAt(bench.state.view)
  const assessment = assessMethod({ process, scope }, job)
  const inHand = view.tray.finishedAt === null
  const start = () => {
    const input = { trayId: view.tray.id, process, scope, heeded: assessment.severity === 'warn' }
    void bench.change(actions.startMethod(input)).then(setError)
  }
  return (
    <Box component="section" aria-label="Baths and flame" sx={{ mt: 1.5 }}>
      <Box component="h3" sx={{ m: 0, mb: 0.5, fontSize: 15, fontWeight: 700 }}>
        Before a bath, a flame or a blade
      </Box>
      {job.bench.map((open) => (
        <Box
          key={open.id}
          sx={{ display: 'flex', gap: 1, alignItems: 'center', fontSize: 14.5, color: 'warning.main' }}
        >
          <Box sx={{ flexGrow: 1 }} suppressHydrationWarning>
            {PROCESS_WORDS[open.process]} in use on {open.own ? 'this tray' : `tray ${open.trayNumber}`} since{' '}
            {clockText(open.startedAt)} ({sinceText(open.startedAt)})
          </Box>
          {open.own && (
            <Button
              size="small"
              onClick={() =>
                void bench.change(actions.endMethod({ trayId: view.tray.id, runId: open.id })).then(setError)
              }
            >
              End it
            </Button>
          )}
        </Box>
      ))}
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr auto' },
          gap: 1,
          alignItems: 'center',
          mt: 1,
        }}
      >
        <Choice
          label="Method"
          value={process}
          options={PROCESSES}
          words={PROCESS_WORDS}
          onChange={setProcess}
        />
        <Choice label="On" value={scope} options={SCOPES} words={SCOPE_WORDS} onChange={setScope} />
        <Button variant="outlined" onClick={start} disabled={!inHand || assessment.severity === 'block'}>
          {assessment.severity === 'warn' ? 'Protected: start' : 'Start'}
        </Button>
      </Box>
      <Verdict assessment={assessment} />
      <WorkError text={error} />
    </Box>
  )
}

/** What this job is most likely to ask about. */
function usualMethod({ job }: TrayView): MethodProposal {
  const steps = new Set(job.procedure.steps.map((step) => step.id))
  if (steps.has('magnifier-off')) return { process: 'flame', scope: 'face' }
  if (steps.has('insert-in')) return { process: 'acetone-bath', scope: 'face' }
  return { process: 'ultrasonic', scope: 'case' }
}

/** Allowed, with care, or blocked: with every reason and, when blocked, the way round. */
function Verdict({ assessment }: { assessment: MethodAssessment }) {
  const { severity, findings, wayRound } = assessment
  return (
    <Box
      role="status"
      data-testid="method-verdict"
      sx={{
        borderLeft: 4,
        borderColor: SEVERITY[severity].colour,
        pl: 1.25,
        mt: 0.75,
        fontSize: 14.5,
        lineHeight: 1.4,
      }}
    >
      <Box component="strong" sx={{ color: SEVERITY[severity].colour }}>
        {SEVERITY[severity].word}
      </Box>
      {findings.length === 0 && ': nothing on this tray or bench speaks against it'}
      {findings.map((finding) => (
        <Box key={`${finding.about} ${finding.why}`}>
          {finding.severity === 'block' ? '✕ ' : '! '}
          {finding.about}: {finding.why}
          {finding.protect && `; ${finding.protect}`}
        </Box>
      ))}
      {wayRound && (
        <Box>
          <strong>Way round.</strong> {wayRound}
        </Box>
      )}
    </Box>
  )
}

interface ChoiceProps<T extends string> {
  readonly label: string
  readonly value: T
  readonly options: readonly T[]
  readonly words: Readonly<Record<T, string>>
  readonly onChange: (value: T) => void
}

function Choice<T extends string>({ label, value, options, words, onChange }: ChoiceProps<T>) {
  return (
    <TextField
      select
      label={label}
      value={value}
      onChange={(event) => {
        const chosen = options.find((option) => option === event.target.value)
        if (chosen) onChange(chosen)
      }}
    >
      {options.map((option) => (
        <MenuItem key={option} value={option}>
          {words[option]}
        </MenuItem>
      ))}
    </TextField>
  )
}
