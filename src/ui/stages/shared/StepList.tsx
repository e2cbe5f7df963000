'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import ButtonBase from '@mui/material/ButtonBase'
import Typography from '@mui/material/Typography'
import type { ReactNode } from 'react'
import { useState } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import { stepsOf } from '@/core/procedure/procedure'
import type { Step } from '@/core/procedure/Step'
import type { StageId } from '@/core/stages/stages'
import { clockText, minutesText } from '../../small/timeText'
import type { StageWorkProps } from '../StageWorkProps'
import { LeaveOut } from './LeaveOut'
import { SchoolChoice } from './SchoolChoice'
import { WorkError } from './WorkError'

/** From this many on, ticked steps fold into one line. */
const FOLDED_FROM = 3

/** The steps of a stage for this very tray: the next one open with all it needs, the others a line each. */
export function StepList({ bench, actions, stage }: StageWorkProps & { stage: StageId }) {
  const { view } = bench.state
  const { procedure, ticks } = view.job
  const [shown, setShown] = useState<string | null>(null)
  const [error, setError] = useState<string | null>(null)
  const [unfolded, setUnfolded] = useState(false)
  const steps = stepsOf(procedure, stage)
  const state = view.job.stages.find((one) => one.stage === stage)
  const isDone = ({ id }: Step) => state?.stepsDone.includes(id) ?? false
  const isShown = ({ id }: Step) => state?.stepsShown.includes(id) ?? false
  const leftOutOf = ({ id }: Step) =>
    state?.demands.find(({ subject }) => subject === `step:${id}`)?.leftOut?.reason ?? null
  const isOver = (step: Step) => isDone(step) || leftOutOf(step) !== null
  const done = steps.filter(isDone)
  // What is done needs no room: the next step and what it needs come first.
  const folded = !unfolded && done.length >= FOLDED_FROM ? done : []
  const next = steps.find((step) => !isOver(step)) ?? null
  const open = shown ?? next?.id ?? null
  const inHand = view.tray.finishedAt === null
  const tick = (step: Step) => {
    setShown(null)
    const input = { trayId: view.tray.id, subject: `step:${step.id}`, done: !isDone(step) }
    void bench.change(actions.tickTray(input)).then(setError)
  }
  const leave = async (step: Step, reason: string | null) => {
    const input = { trayId: view.tray.id, subject: `step:${step.id}`, reason }
    const wrong = await bench.change(actions.leaveOut(input))
    if (wrong === null) setShown(null)
    return wrong
  }
  useHotkeys('space', () => next && !isShown(next) && tick(next), {
    preventDefault: true,
    enabled: inHand && next !== null && !bench.keysRest,
    ignoreEventWhen: (event) => event.target !== document.body,
  })
  if (steps.length === 0) {
    return (
      <Typography sx={{ mt: 1, color: 'text.secondary' }}>
        This job needs nothing here: go on to the next stage.
      </Typography>
    )
  }
  return (
    <>
      <Box component="ol" aria-label="Steps" sx={{ listStyle: 'none', m: 0, mt: 1, p: 0 }}>
        {folded.length > 0 && (
          <Box component="li" sx={{ borderTop: 1, borderColor: 'divider' }}>
            <Button size="small" color="success" onClick={() => setUnfolded(true)} sx={{ minHeight: 36 }}>
              ✓ {folded.length === steps.length ? `all ${steps.length}` : folded.length} steps done
            </Button>
          </Box>
        )}
        {steps
          .filter((step) => !folded.includes(step))
          .map((step) => (
            <StepLine
              key={step.id}
              step={step}
              done={isDone(step)}
              at={isDone(step) ? (ticks[`step:${step.id}`] ?? null) : null}
              leftOut={leftOutOf(step)}
              isOpen={open === step.id}
              isNext={next?.id === step.id}
              onOpen={() => setShown(open === step.id ? null : step.id)}
              onTick={inHand && !isShown(step) ? () => tick(step) : null}
              leave={
                inHand && !isShown(step) && !isDone(step) ? (
                  <LeaveOut
                    what={step.title}
                    leftOut={leftOutOf(step)}
                    onReason={(reason) => leave(step, reason)}
                    onAsk={bench.setAtDialog}
                  />
                ) : null
              }
              onSchool={
                inHand
                  ? (option) => {
                      if (!step.school) return
                      const input = { trayId: view.tray.id, school: step.school.id, option }
                      void bench.change(actions.chooseSchool(input)).then(setError)
                    }
                  : null
              }
            />
          ))}
      </Box>
      <WorkError text={error} />
    </>
  )
}

interface StepLineProps {
  readonly step: Step
  readonly done: boolean
  /** when it was ticked; null where it was not, or where something else shows it */
  readonly at: string | null
  /** why it was left out; null while it was not */
  readonly leftOut: string | null
  readonly isOpen: boolean
  readonly isNext: boolean
  readonly onOpen: () => void
  /** null once the tray was handed back, and where a reading, a pick or a run shows it done */
  readonly onTick: (() => void) | null
  readonly onSchool: ((option: string) => void) | null
  readonly leave: ReactNode
}

function StepLine({
  step,
  done,
  at,
  leftOut,
  isOpen,
  isNext,
  onOpen,
  onTick,
  onSchool,
  leave,
}: StepLineProps) {
  return (
    <Box
      component="li"
      data-testid="step"
      sx={{
        display: 'grid',
        gridTemplateColumns: '44px minmax(0,1fr) auto',
        alignItems: 'start',
        borderTop: 1,
        borderColor: 'divider',
        bgcolor: isNext ? 'var(--mui-palette-paper-chosen)' : undefined,
      }}
    >
      <ButtonBase
        role="checkbox"
        aria-checked={done}
        aria-label={step.title}
        disabled={onTick === null}
        onClick={() => onTick?.()}
        title={isNext ? 'space ticks the next step' : undefined}
        sx={{ minHeight: isNext ? 44 : 36, width: 44 }}
      >
        <TickMark done={done} />
      </ButtonBase>
      <Box sx={{ py: isNext ? 0.6 : 0.2 }}>
        <ButtonBase
          onClick={onOpen}
          aria-expanded={isOpen}
          sx={{
            minHeight: 32,
            justifyContent: 'flex-start',
            textAlign: 'left',
            font: 'inherit',
            fontSize: isNext ? '1.1rem' : '0.95rem',
            fontWeight: isNext ? 700 : 400,
            lineHeight: 1.25,
            color: done || leftOut !== null ? 'text.secondary' : 'text.primary',
            textDecoration: leftOut === null ? 'none' : 'line-through',
          }}
        >
          {step.title}
        </ButtonBase>
        {leftOut !== null && (
          <Typography sx={{ fontSize: 14, color: 'text.secondary' }}>left out: {leftOut}</Typography>
        )}
        {isOpen && <StepDetails step={step} onSchool={onSchool} />}
        {isOpen && leave}
      </Box>
      <Box
        className="figure"
        suppressHydrationWarning
        sx={{
          px: 1,
          pt: 1.4,
          fontSize: 13,
          color: done ? 'success.main' : 'text.secondary',
          whiteSpace: 'nowrap',
        }}
      >
        {at !== null ? clockText(at) : done ? '' : duration(step)}
      </Box>
    </Box>
  )
}

function StepDetails({ step, onSchool }: { step: Step; onSchool: StepLineProps['onSchool'] }) {
  return (
    <Box sx={{ fontSize: 14.5, lineHeight: 1.4, pb: 0.5, '& p': { m: 0, mt: 0.4 } }}>
      <p>{step.why}</p>
      {step.tools.length > 0 && (
        <p>
          <Soft>with</Soft> {step.tools.join('; ')}
        </p>
      )}
      {step.check && (
        <p>
          <Soft>before going on</Soft> {step.check}
        </p>
      )}
      {step.waitMinutes > 0 && (
        <p>
          <Soft>then it waits</Soft> {minutesText(step.waitMinutes)}
        </p>
      )}
      {step.school && <SchoolChoice school={step.school} onChoose={onSchool} />}
      {step.cautions.map((caution) => (
        <Box component="p" key={caution} sx={{ color: 'error.main' }}>
          <strong>Caution.</strong> {caution}
        </Box>
      ))}
    </Box>
  )
}

function Soft({ children }: { children: string }) {
  return <span style={{ color: 'var(--mui-palette-text-secondary)' }}>{children}:</span>
}

function duration({ activeMinutes, waitMinutes }: Step): string {
  return waitMinutes > 0 ? `${activeMinutes} min + ${minutesText(waitMinutes)}` : `${activeMinutes} min`
}

/** An open square, or a full one with its tick. */
function TickMark({ done }: { done: boolean }) {
  return (
    <svg width="22" height="22" viewBox="0 0 22 22" aria-hidden="true">
      <rect
        x="2"
        y="2"
        width="18"
        height="18"
        rx="3"
        fill={done ? 'var(--mui-palette-success-main)' : 'none'}
        stroke={done ? 'var(--mui-palette-success-main)' : 'currentColor'}
        strokeWidth="1.6"
      />
      {done && (
        <path
          d="M6 11.5l3.4 3.4L16 8"
          fill="none"
          stroke="var(--mui-palette-success-contrastText)"
          strokeWidth="2.4"
        />
      )}
    </svg>
  )
}
