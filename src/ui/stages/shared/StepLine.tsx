import Box from '@mui/material/Box'
import ButtonBase from '@mui/material/ButtonBase'
import Typography from '@mui/material/Typography'
import type { ReactNode } from 'react'
import type { RefObject } from 'react'
import type { Step } from '@/core/procedure/Step'
import type { StepAnswered, StepSaid } from '@/core/procedure/StepQuestion'
import type { SaidByTick } from '@/core/procedure/stepsOnTrail'
import type { TrailPartId } from '@/core/trail/parts'
import { partsText, TRAIL_PARTS } from '@/core/trail/parts'
import { missingText } from '@/core/trail/partsTrail'
import { minutesText } from '@/core/units/minutesText'
import type { WaitBefore } from '@/core/waits/WaitBefore'
import { waitBeforeText } from '@/core/waits/WaitBefore'
import { useTimes } from '../../small/useTimes'
import { AnswerStep } from './AnswerStep'
import { CountOff } from './CountOff'
import { SchoolChoice } from './SchoolChoice'
import { TickMark } from './TickMark'

interface StepLineProps {
  readonly step: Step
  readonly done: boolean
  /** when it was ticked; null where it was not, or where something else shows it */
  readonly at: string | null
  /** what was said of it; null where nothing was */
  readonly answer: StepSaid | null
  readonly firstAnswerRef: RefObject<HTMLButtonElement | null>
  /** null once it is done, or the tray was handed back */
  readonly onAnswer: ((answered: StepAnswered) => void) | null
  /** what is wrong with how it stands, see core's outOfTurn; null where nothing is */
  readonly outOfTurn: string | null
  /** why it was left out; null while it was not */
  readonly leftOut: string | null
  /** what ticking it records on the trail; null once it is done or left out */
  readonly said: SaidByTick | null
  /** how long its wait took on earlier pieces of the case; null where none tells */
  readonly waited: WaitBefore | null
  /** its press is planned beside the steps, with its dies */
  readonly isPlanned: boolean
  readonly isOpen: boolean
  readonly isNext: boolean
  readonly onOpen: () => void
  /** null once the tray was handed back, and where a reading, a pick or a run shows it done */
  readonly onTick: (() => void) | null
  readonly onSchool: ((option: string) => void) | null
  /** null once the tray was handed back */
  readonly onCount: ((part: TrailPartId, count: number) => void) | null
  readonly leave: ReactNode
}

/** One step of a stage: a line, and all it needs while it is open. */
export function StepLine({
  step,
  done,
  at,
  answer,
  firstAnswerRef,
  onAnswer,
  outOfTurn,
  leftOut,
  said,
  waited,
  isPlanned,
  isOpen,
  isNext,
  onOpen,
  onTick,
  onSchool,
  onCount,
  leave,
}: StepLineProps) {
  const { clockText } = useTimes()
  return (
    <Box
      component="li"
      data-testid="step"
      data-asks={step.question !== null && onAnswer !== null ? true : undefined}
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
        // The second of a double click falls on whatever has come under the finger by then: it ticks nothing.
        onClick={({ detail }) => detail < 2 && onTick?.()}
        title={isNext && onTick ? 'space ticks the next step' : undefined}
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
        {outOfTurn !== null && (
          <Typography sx={{ fontSize: 14, color: 'warning.main' }}>{outOfTurn}</Typography>
        )}
        {leftOut !== null && (
          <Typography sx={{ fontSize: 14, color: 'text.secondary' }}>left out: {leftOut}</Typography>
        )}
        {answer !== null && (
          <Typography sx={{ fontSize: 14, color: answer.good ? 'text.secondary' : 'error.main' }}>
            {answer.words}
            {!answer.good && <span suppressHydrationWarning> ({clockText(answer.at)})</span>}
          </Typography>
        )}
        {isOpen && <StepDetails {...{ step, said, waited, isPlanned, onSchool, onCount }} />}
        {isOpen && step.question && onAnswer && (
          <AnswerStep
            title={step.title}
            question={step.question}
            firstRef={firstAnswerRef}
            onAnswer={onAnswer}
          />
        )}
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

function StepDetails({
  step,
  said,
  waited,
  isPlanned,
  onSchool,
  onCount,
}: Pick<StepLineProps, 'step' | 'said' | 'waited' | 'isPlanned' | 'onSchool' | 'onCount'>) {
  const recorded = said && said.against === null ? recordedText(said) : ''
  return (
    <Box sx={{ fontSize: 14.5, lineHeight: 1.4, pb: 0.5, '& p': { m: 0, mt: 0.4 } }}>
      <p>{step.why}</p>
      {step.tools.length > 0 && (
        <p>
          <Soft>with</Soft> {isPlanned ? 'the dies of its plan, under “At the press”' : step.tools.join('; ')}
        </p>
      )}
      {step.check && (
        <p>
          <Soft>before going on</Soft> {step.check}
        </p>
      )}
      {said?.against && <p>{said.against}</p>}
      {onCount &&
        said?.off
          .filter((part) => TRAIL_PARTS[part].several)
          .map((part) => <CountOff key={part} part={part} onCount={(count) => onCount(part, count)} />)}
      {recorded && (
        <p>
          <Soft>ticking it records</Soft> {recorded}
        </p>
      )}
      {step.waitMinutes > 0 && (
        <p>
          <Soft>then it waits</Soft> {minutesText(step.waitMinutes)}
          {waited && `; ${waitBeforeText(waited)}`}
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

/** “case back off”, “movement, stem with crown back; back seal, a new one; if its own goes back, …”. */
function recordedText({ off, back, renewed }: SaidByTick): string {
  const gone = off.map((part) => partsText(part, 1, '')).join(', ')
  const names = (lines: typeof back) => missingText(lines).replaceAll(/\b1 /g, '')
  const [own, fresh] = [names(back), names(renewed)]
  return [
    gone && `${gone} off`,
    own && `${own} back`,
    fresh && `${fresh}, a new one; if its own goes back, say so on the trail instead`,
  ]
    .filter(Boolean)
    .join('; ')
}

function Soft({ children }: { children: string }) {
  return <span style={{ color: 'var(--mui-palette-text-secondary)' }}>{children}:</span>
}

function duration({ activeMinutes, waitMinutes }: Step): string {
  return waitMinutes > 0 ? `${activeMinutes} min + ${minutesText(waitMinutes)}` : `${activeMinutes} min`
}
