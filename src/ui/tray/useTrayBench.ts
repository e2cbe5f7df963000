'use client'
import { startTransition, useReducer, useState } from 'react'
import type { StageId } from '@/core/stages/stages'
import type { StandingDemand } from '@/core/stages/stageStates'
import { leftBehind, mayBeLeftOut, neededAfter, openOf } from '@/core/stages/stageStates'
import type { JudgedPair } from '@/core/tray/judgePair'
import type { TrayCalls } from '@/services/actions'
import type { Refusal } from '@/services/boundary'
import type { Changed } from '@/services/tray/trayChange'
import type { TrayView } from '@/services/tray/trayView'
import { answerOf, firstOf } from './trayAnswer'
import type { ChosenPair } from './chosenPair'
import type { SessionEvent } from './traySession'
import { bezelRingOf, chosenPairOf, pairAfter } from './chosenPair'
import { openSession, traySession } from './traySession'
import { useOtherChoice } from './useOtherChoice'
import { useReadingInput } from './useReadingInput'
import { useVoiding } from './useVoiding'

/** A tray page while it is open: what the bar, the drawings, the shortlist, the stages and the keys show and call. */
export function useTrayBench(initial: TrayView, stage: StageId, actions: TrayCalls) {
  const [state, dispatch] = useReducer(traySession, openSession(initial, stage))
  const [atDialog, setAtDialog] = useState(false)
  const [moveError, setMoveError] = useState<{ stage: StageId; text: string } | null>(null)
  /** what is open in the stages about to be left, while its reason is asked for */
  const [leaving, setLeaving] = useState<readonly StandingDemand[] | null>(null)
  const { view } = state
  const trayId = view.tray.id
  const chosen = chosenPairOf(state)

  // A stage not seen before has to load its script. Until it is there the page stays as it was and goes on taking
  // figures: an update that waits for a script any other way holds back every other one, and the bar loses keys.
  const show = (event: SessionEvent) => startTransition(() => dispatch(event))

  const take = (result: Changed | Refusal, next?: StageId): boolean => {
    if (result.ok) show({ type: 'view-came', view: result.view, stage: next ?? result.view.tray.stage })
    else dispatch({ type: 'failed', error: firstOf(result.errors) })
    return result.ok
  }

  /** @returns what is wrong, or null when it was stored; the stage being looked at stays */
  const change = async (call: Promise<Changed | Refusal>): Promise<string | null> => {
    const result = await answerOf(call)
    if (!result.ok) return firstOf(result.errors)
    dispatch({ type: 'view-came', view: result.view })
    return null
  }

  const pick = async () => {
    if (!chosen || state.busy || !view.shortlist) return
    dispatch({ type: 'sent' })
    // The card is looked at, wherever the tray itself stands.
    const picked = actions.pickPair({ trayId, ...chosen, bezelGasketId: bezelRingOf(state) })
    take(await answerOf(picked), 'press-in')
  }

  /** @returns what is wrong, or null when the stage was finished */
  const finish = async (reason: string | null): Promise<string | null> => {
    const { stage: done } = state
    dispatch({ type: 'sent' })
    const result = await answerOf(actions.finishStage({ trayId, stage: done, reason }))
    if (!result.ok) {
      dispatch({ type: 'cleared-busy' })
      return firstOf(result.errors)
    }
    setMoveError(null)
    return take(result, neededAfter(result.view.job.stages, done, 1)) ? null : ''
  }

  const moveOn = async () => {
    if (state.busy) return
    const left = leftBehind(view.job.stages, view.tray.stage, state.stage).flatMap(openOf)
    const handsBack = state.stage === 'hand-back'
    // Parts have their own answers on the trail: the server says which are missing.
    if (left.length > 0 && !handsBack && left.every(mayBeLeftOut)) {
      setLeaving(left)
      return
    }
    const wrong = await finish(null)
    if (wrong !== null) setMoveError({ stage: state.stage, text: wrong })
  }

  const leaveFor = async (reason: string): Promise<string | null> => {
    const wrong = await finish(reason)
    if (wrong === null) setLeaving(null)
    return wrong
  }

  useOtherChoice(state, dispatch, actions)
  const reading = useReadingInput(state, dispatch, actions)
  const voids = useVoiding(state, actions, (result) => take(result, state.stage))
  return {
    state,
    chosen,
    ...reading,
    ...voids,
    /** true while a dialog has the keys, from the moment it is asked for */
    keysRest: voids.voiding !== null || leaving !== null || atDialog,
    setAtDialog,
    take,
    change,
    moveError,
    leaving,
    leaveFor,
    stay: () => setLeaving(null),
    /** true while the stage being looked at still waits for an act of its own, which leads on by itself */
    awaits: (subject: string) =>
      view.job.stages.some(
        (one) => one.stage === state.stage && openOf(one).some((demand) => demand.subject === subject),
      ),
    showStage: (shown: StageId) => show({ type: 'stage-shown', stage: shown }),
    turnStage: (by: 1 | -1) => show({ type: 'stage-turned', by }),
    choose: (pair: ChosenPair) => dispatch({ type: 'chose', pair }),
    chooseOther: (choice: JudgedPair) => dispatch({ type: 'chose-other', choice }),
    bezelRingId: bezelRingOf(state),
    chooseBezelRing: (id: number) => dispatch({ type: 'chose-bezel-ring', id }),
    chooseBy: (by: 1 | -1) => {
      const pair = pairAfter(view, chosen, by)
      if (pair) dispatch({ type: 'chose', pair })
    },
    pick: () => void pick(),
    moveOn: () => void moveOn(),
    trouble: (error: string) => dispatch({ type: 'failed', error }),
  }
}

export type TrayBenchState = ReturnType<typeof useTrayBench>
