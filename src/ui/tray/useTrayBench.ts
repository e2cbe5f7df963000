'use client'
import { startTransition, useReducer, useState } from 'react'
import type { RimPattern } from '@/core/level/rimPlaces'
import type { StageId } from '@/core/stages/stages'
import type { StandingDemand } from '@/core/stages/StageState'
import { leftBehind, mayBeLeftOut, neededAfter, openOf } from '@/core/stages/StageState'
import type { JudgedPair } from '@/core/tray/judgePair'
import type { TrayCalls } from '@/services/actions'
import type { Refusal } from '@/services/boundary'
import type { Changed } from '@/services/tray/trayChange'
import type { TrayView } from '@/services/tray/trayView'
import { answerOf, firstOf } from './trayAnswer'
import type { ChosenPair } from './chosenPair'
import type { SessionEvent, TraySession } from './traySession'
import { bezelRingOf, chosenPairOf, pairAfter } from './chosenPair'
import { openSession, traySession } from './traySession'
import { useOtherChoice } from './useOtherChoice'
import { useReadingInput } from './useReadingInput'
import { useStraightForm } from '../stages/align/useStraightForm'
import { useVoiding } from './useVoiding'

/** What drawings and stages look at. A figure being typed changes none of it, so that they are not drawn at each key. */
type LookedAt = Pick<TraySession, 'view' | 'stage' | 'other' | 'busy' | 'rimPattern'>

/** A tray page while it is open: what the drawings, the shortlist, the stages and the keys show and call, and its bar. */
export function useTrayBench(initial: TrayView, first: StageId, actions: TrayCalls) {
  const [session, dispatch] = useReducer(traySession, openSession(initial, first))
  const [atDialog, setAtDialog] = useState(false)
  const [moveError, setMoveError] = useState<{ stage: StageId; text: string } | null>(null)
  const [triedCircleMm, tryCircle] = useState<number | null>(null)
  /** true while a reason is asked for, for what is open in the stages about to be left */
  const [asksReason, setAsksReason] = useState(false)
  const { view, stage, other, busy, rimPattern } = session
  const state: LookedAt = { view, stage, other, busy, rimPattern }
  const trayId = view.tray.id
  const chosen = chosenPairOf(session)
  const bezelRingId = bezelRingOf(session)

  // A stage not seen before has to load its script. Until it is there the page stays as it was and goes on taking
  // figures: an update that waits for a script any other way holds back every other one, and the bar loses keys.
  const show = (event: SessionEvent) => startTransition(() => dispatch(event))

  const take = (result: Changed | Refusal, next?: StageId): boolean => {
    if (result.ok) show({ type: 'view-came', view: result.view, stage: next ?? result.view.tray.stage })
    else dispatch({ type: 'act-failed', error: firstOf(result.errors) })
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
    if (!chosen || busy || !view.shortlist) return
    dispatch({ type: 'sent' })
    // The card is looked at, wherever the tray itself stands.
    const picked = actions.pickPair({ trayId, ...chosen, bezelGasketId: bezelRingId })
    take(await answerOf(picked), 'press-in')
  }

  /** @returns what is wrong, or null when the stage was finished */
  const finish = async (reason: string | null): Promise<string | null> => {
    dispatch({ type: 'sent' })
    const result = await answerOf(actions.finishStage({ trayId, stage, reason }))
    if (!result.ok) {
      dispatch({ type: 'cleared-busy' })
      return firstOf(result.errors)
    }
    setMoveError(null)
    return take(result, neededAfter(result.view.job.stages, stage, 1)) ? null : ''
  }

  const left = leftBehind(view.job.stages, view.tray.stage, stage).flatMap(openOf)
  // As the tray stands now: it may be drawn anew while the reason is being typed.
  const leaving: readonly StandingDemand[] | null = asksReason ? left : null

  const moveOn = async () => {
    if (busy) return
    const handsBack = stage === 'hand-back'
    // Parts have their own answers on the trail: the server says which are missing.
    if (left.length > 0 && !handsBack && left.every(mayBeLeftOut)) {
      setAsksReason(true)
      return
    }
    const wrong = await finish(null)
    if (wrong !== null) setMoveError({ stage, text: wrong })
  }

  const leaveFor = async (reason: string): Promise<string | null> => {
    const wrong = await finish(reason)
    if (wrong === null) setAsksReason(false)
    return wrong
  }

  useOtherChoice(session, dispatch, actions)
  const straight = useStraightForm(view, actions, (answer) => take(answer, stage))
  const { target, aim, ...bar } = useReadingInput(session, dispatch, actions)
  const voids = useVoiding(state, actions, (result) => take(result, stage))
  const bench = {
    state,
    straight,
    chosen,
    target,
    aim,
    ...voids,
    /** true while a dialog has the keys, from the moment it is asked for */
    keysRest: voids.voiding !== null || leaving !== null || atDialog,
    setAtDialog,
    take,
    change,
    moveError,
    leaving,
    leaveFor,
    stay: () => setAsksReason(false),
    /** true while the stage being looked at still waits for an act of its own, which leads on by itself */
    awaits: (subject: string) =>
      view.job.stages.some(
        (one) => one.stage === stage && openOf(one).some((demand) => demand.subject === subject),
      ),
    /** the notches' circle by a chord that is being typed: drawn, not kept */
    triedCircleMm,
    tryCircle,
    showStage: (shown: StageId) => show({ type: 'stage-shown', stage: shown }),
    turnStage: (by: 1 | -1) => show({ type: 'stage-turned', by }),
    choose: (pair: ChosenPair) => dispatch({ type: 'chose', pair }),
    chooseOther: (choice: JudgedPair) => dispatch({ type: 'chose-other', choice }),
    bezelRingId,
    chooseBezelRing: (id: number) => dispatch({ type: 'chose-bezel-ring', id }),
    chooseRimPattern: (pattern: RimPattern) => dispatch({ type: 'chose-rim-pattern', pattern }),
    chooseBy: (by: 1 | -1) => {
      const pair = pairAfter(view, chosen, by)
      if (pair) dispatch({ type: 'chose', pair })
    },
    pick: () => void pick(),
    moveOn: () => void moveOn(),
    trouble: (error: string) => dispatch({ type: 'act-failed', error }),
  }
  return { bench, bar: { ...bar, session }, dispatch }
}

export type TrayBenchState = ReturnType<typeof useTrayBench>['bench']
