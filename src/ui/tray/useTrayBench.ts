'use client'
import { startTransition, useEffect, useEffectEvent, useReducer, useRef, useState } from 'react'
import type { DimensionId } from '@/core/readings/dimensions'
import { instrumentFor } from '@/core/readings/instrumentFor'
import type { ReadingTarget } from '@/core/readings/readingPlan'
import type { StageId } from '@/core/stages/stages'
import { stageAfter } from '@/core/stages/stages'
import type { ReadingResult } from '@/services/tray/takeReading'
import type { ReadingView } from '@/services/tray/readingView'
import type { CandidateView } from '@/services/tray/shortlistView'
import type { TrayView } from '@/services/tray/trayView'
import type { FeedSource } from '@/services/instruments/instrumentFeeds'
import type { TrayCalls } from '@/services/actions'
import type { Changed } from '@/services/tray/trayChange'
import type { Refusal } from '@/services/boundary'
import type { ChosenPair, SessionEvent } from './traySession'
import {
  bezelRingOf,
  chosenPairOf,
  openSession,
  pairAfter,
  targetOfSession,
  traySession,
} from './traySession'

const AWAY = 'Not stored: Whyalon does not answer. The figure is still here; start it again and press Enter.'

const CHANGE_AWAY = 'Not stored: Whyalon does not answer. Start it again and do this once more.'

interface Send {
  readonly text: string
  readonly confirmed: boolean
  readonly instrumentId: number | null
  readonly source: 'typed' | 'instrument'
  readonly at: ReadingTarget
}

/** State and doings of a tray page: what the bar, the drawings, the shortlist and the keys call. */
export function useTrayBench(initial: TrayView, stage: StageId, actions: TrayCalls) {
  const [state, dispatch] = useReducer(traySession, openSession(initial, stage))
  const [instrument, setInstrument] = useState<{ kind: string; id: number } | null>(null)
  const [voiding, setVoiding] = useState<ReadingView | null>(null)
  const [feed, setFeed] = useState<FeedSource | null>(null)
  const [atDialog, setAtDialog] = useState(false)
  const [moveError, setMoveError] = useState<{ stage: StageId; text: string } | null>(null)
  const inputRef = useRef<HTMLInputElement>(null)
  const { view } = state
  const target = targetOfSession(state)
  const chosen = chosenPairOf(state)
  const usual = target ? instrumentFor(target.dimension, view.instruments) : view.instruments[0]
  const kind = usual?.kind ?? null
  // An instrument chosen by hand holds for dimensions of the same kind; the next kind starts from its usual one.
  const instrumentId = instrument && instrument.kind === kind ? instrument.id : (usual?.id ?? null)

  // A stage not seen before has to load its script. Until it is there the page stays as it was and goes on taking
  // figures: an update that waits for a script any other way holds back every other one, and the bar loses keys.
  const show = (event: SessionEvent) => startTransition(() => dispatch(event))

  const send = async ({ text, confirmed, instrumentId: id, source, at }: Send) => {
    if (id === null) return dispatch({ type: 'failed', error: 'No instrument: add one in Settings first.' })
    dispatch({ type: 'figure-sent' })
    const input = { trayId: view.tray.id, ...at, text, instrumentId: id, source, confirmed }
    const result = await actions
      .takeReading(input)
      .catch((): ReadingResult => ({ ok: false, errors: { form: AWAY } }))
    if (result.ok) {
      dispatch({ type: 'reading-taken', view: result.view, note: result.note })
      // Back to the page, so that single keys work and the next figure may come from anywhere.
      inputRef.current?.blur()
    } else if ('ask' in result) dispatch({ type: 'asked', question: result.ask })
    else dispatch({ type: 'failed', error: firstOf(result.errors) })
  }

  const take = (result: Changed | Refusal, next?: StageId): boolean => {
    if (result.ok) show({ type: 'view-came', view: result.view, stage: next ?? result.view.tray.stage })
    else dispatch({ type: 'failed', error: firstOf(result.errors) })
    return result.ok
  }

  /** @returns what is wrong, or null when it was stored; the stage being looked at stays */
  const change = async (call: Promise<Changed | Refusal>): Promise<string | null> => {
    const result = await call.catch((): Changed | Refusal => ({ ok: false, errors: { form: CHANGE_AWAY } }))
    if (!result.ok) return firstOf(result.errors)
    dispatch({ type: 'view-came', view: result.view })
    return null
  }

  const run = async (call: Promise<Changed | Refusal>) => {
    dispatch({ type: 'sent' })
    take(await call.catch((): Changed | Refusal => ({ ok: false, errors: { form: AWAY } })))
  }

  const accept = () => {
    if (state.busy) dispatch({ type: 'accept-waits' })
    else if (target && state.question === null)
      void send({ text: state.text, confirmed: false, instrumentId, source: 'typed', at: target })
  }
  const acceptWaiting = useEffectEvent(accept)
  const acceptDue = state.acceptWaits && !state.busy
  useEffect(() => {
    if (acceptDue) acceptWaiting()
  }, [acceptDue])

  return {
    state,
    target,
    chosen,
    instrumentId,
    voiding,
    /** true while a dialog has the keys, from the moment it is asked for */
    keysRest: voiding !== null || atDialog,
    setAtDialog,
    feed,
    inputRef,
    setFeed,
    take,
    change,
    moveError,
    chooseInstrument: (id: number) => kind && setInstrument({ kind, id }),
    type: (text: string) => dispatch({ type: 'typed', text }),
    typeFigure: (character: string) => {
      dispatch({ type: 'typed-on', character })
      inputRef.current?.focus()
    },
    accept,
    receive: (sent: { line: string; instrumentId: number }, at: ReadingTarget) => {
      dispatch({ type: 'typed', text: sent.line.replace(/^\+0*(?=\d)/, '').replace(' mm', '') })
      void send({
        text: sent.line,
        confirmed: false,
        instrumentId: sent.instrumentId,
        source: 'instrument',
        at,
      })
    },
    answer: (answer: 'suggestion' | 'keep' | 'again') => {
      const { question } = state
      if (answer === 'again' || !question || !target) {
        dispatch({ type: 'cleared' })
        inputRef.current?.focus()
        return
      }
      const valueMm = answer === 'suggestion' ? question.suggestionMm : question.valueMm
      void send({
        text: String(valueMm),
        confirmed: answer === 'keep',
        instrumentId,
        source: 'typed',
        at: target,
      })
    },
    aim: (dimension: DimensionId) => dispatch({ type: 'aimed', dimension }),
    showStage: (shown: StageId) => show({ type: 'stage-shown', stage: shown }),
    turnStage: (by: 1 | -1) => show({ type: 'stage-turned', by }),
    choose: (pair: ChosenPair) => dispatch({ type: 'chose', pair }),
    chooseOther: (candidate: CandidateView) => dispatch({ type: 'chose-other', candidate }),
    bezelRingId: bezelRingOf(state),
    chooseBezelRing: (id: number) => dispatch({ type: 'chose-bezel-ring', id }),
    chooseBy: (by: 1 | -1) => {
      const pair = pairAfter(view, chosen, by)
      if (pair) dispatch({ type: 'chose', pair })
    },
    pick: () => {
      if (chosen && !state.busy && view.shortlist)
        void run(actions.pickPair({ trayId: view.tray.id, ...chosen, bezelGasketId: bezelRingOf(state) }))
    },
    moveOn: () => {
      if (state.busy) return
      const finished = state.stage === 'hand-back'
      const move = actions.moveTray({ trayId: view.tray.id, stage: stageAfter(state.stage, 1), finished })
      dispatch({ type: 'sent' })
      void move
        .catch((): Changed | Refusal => ({ ok: false, errors: { form: CHANGE_AWAY } }))
        .then((result) => {
          setMoveError(result.ok ? null : { stage: state.stage, text: firstOf(result.errors) })
          if (result.ok) take(result)
          else dispatch({ type: 'cleared-busy' })
        })
    },
    trouble: (error: string) => dispatch({ type: 'failed', error }),
    /** @param readingId - the last one that stands when left out */
    startVoid: (readingId?: number) => {
      // While a figure is on its way the last reading shown is not the last one taken.
      if (voiding || state.busy) return
      const reading = view.readings.findLast(
        (r) => r.voidReason === null && (readingId === undefined || r.id === readingId),
      )
      if (reading && view.tray.finishedAt === null) setVoiding(reading)
    },
    cancelVoid: () => setVoiding(null),
    finishVoid: async (reason: string): Promise<string | null> => {
      if (!voiding) return null
      const input = { trayId: view.tray.id, readingId: voiding.id, reason }
      const result = await actions
        .takeBackReading(input)
        .catch((): Changed | Refusal => ({ ok: false, errors: { form: AWAY } }))
      if (!result.ok) return firstOf(result.errors)
      take(result, state.stage)
      setVoiding(null)
      return null
    },
  }
}

export type TrayBenchState = ReturnType<typeof useTrayBench>

function firstOf(errors: Readonly<Record<string, string>>): string {
  return Object.values(errors)[0] ?? 'Not stored, and no reason came. Try again.'
}
