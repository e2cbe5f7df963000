'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import { useEffect, useRef, useState } from 'react'
import { usePageKeys } from '../../keys/usePageKeys'
import { PRESS_WORK_FACTS } from '@/core/press/pressWorks'
import { stepsOf } from '@/core/procedure/procedure'
import { saidByTick } from '@/core/procedure/stepsOnTrail'
import type { StepAnswered } from '@/core/procedure/StepQuestion'
import type { Step } from '@/core/procedure/Step'
import { orderOf, outOfTurn } from '@/core/stages/inOrder'
import type { StageId } from '@/core/stages/stages'
import type { StageWorkProps } from '../StageWorkProps'
import { isAtRest } from '../../keys/isAtRest'
import { LeaveOut } from './LeaveOut'
import { StepLine } from './StepLine'
import { useErrorAt } from './useErrorAt'
import { WorkError } from './WorkError'

/** From this many on, ticked steps fold into one line. */
const FOLDED_FROM = 3

/** The steps of a stage for this very tray: the next one open with all it needs, the others a line each. */
export function StepList({ bench, actions, stage }: StageWorkProps & { stage: StageId }) {
  const { view } = bench.state
  const { procedure, ticks, said, trail, waitsBefore } = view.job
  const firstAnswer = useRef<HTMLButtonElement>(null)
  const [asked, setAsked] = useState<string | null>(null)
  const [shown, setShown] = useState<string | null>(null)
  const [error, setError] = useErrorAt(view)
  const [unfolded, setUnfolded] = useState(false)
  const steps = stepsOf(procedure, stage)
  const state = view.job.stages.find((one) => one.stage === stage)
  const isDone = ({ id }: Step) => state?.stepsDone.includes(id) ?? false
  const isShown = ({ id }: Step) => state?.stepsShown.includes(id) ?? false
  const leftOutOf = ({ id }: Step) =>
    state?.demands.find(({ subject }) => subject === `step:${id}`)?.leftOut?.reason ?? null
  const isOver = (step: Step) => isDone(step) || leftOutOf(step) !== null
  const order = orderOf(procedure.steps, view.job.stages, trail.lines)
  const isEarly = ({ id }: Step) => state?.stepsEarly.includes(id) ?? false
  const wrongWith = (step: Step) => outOfTurn(step, isEarly(step), order)
  const planned = view.pressWorks.map(({ work }) => PRESS_WORK_FACTS[work].step)
  const done = steps.filter(isDone)
  // What is done needs no room: the next step and what it needs come first.
  const folded = !unfolded && done.length >= FOLDED_FROM ? done : []
  const next = steps.find((step) => !isOver(step)) ?? null
  const open = shown ?? next?.id ?? null
  const inHand = view.tray.finishedAt === null
  useEffect(() => {
    if (asked !== null) firstAnswer.current?.focus()
  }, [asked])
  const tick = (step: Step, answered?: StepAnswered) => {
    // What asks is not ticked: it opens, and the first answer waits under the finger.
    if (step.question && !isDone(step) && !answered) {
      setShown(step.id)
      setAsked(step.id)
      firstAnswer.current?.focus()
      return
    }
    setShown(null)
    setAsked(null)
    const input = { trayId: view.tray.id, subject: `step:${step.id}`, done: !isDone(step), ...answered }
    void bench.change(actions.tickTray(input)).then((wrong) => {
      setError(wrong)
      // What no tick can say is said where the step tells it.
      if (wrong !== null) setShown(step.id)
    })
  }
  const leave = async (step: Step, reason: string | null) => {
    const input = { trayId: view.tray.id, subject: `step:${step.id}`, reason }
    const wrong = await bench.change(actions.leaveOut(input))
    if (wrong === null) setShown(null)
    return wrong
  }
  const tickNext = () => {
    if (!next) return
    if (isShown(next)) setError(`“${next.title}” ticks itself once that is read or recorded here.`)
    else tick(next)
  }
  usePageKeys('space', tickNext, {
    preventDefault: true,
    enabled: inHand && next !== null && !bench.keysRest,
    ignoreEventWhen: (event) => !isAtRest(event.target),
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
              answer={said[`step:${step.id}`] ?? null}
              firstAnswerRef={firstAnswer}
              onAnswer={inHand && !isDone(step) ? (answered) => tick(step, answered) : null}
              outOfTurn={wrongWith(step)}
              leftOut={leftOutOf(step)}
              said={isOver(step) ? null : saidByTick(step, trail.lines, trail.renews)}
              waited={waitsBefore[step.id] ?? null}
              isPlanned={planned.includes(step.id)}
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
              onCount={
                inHand
                  ? (part, count) => {
                      const place = { size: '' as const, clockHour: null, photo: null }
                      const input = { trayId: view.tray.id, part, count, ...place }
                      void bench.change(actions.recordOff(input)).then(setError)
                    }
                  : null
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
