'use client'
import type { Dispatch } from 'react'
import { useEffect, useEffectEvent, useLayoutEffect, useRef, useState } from 'react'
import { flushSync } from 'react-dom'
import type { DimensionId } from '@/core/readings/dimensions'
import { instrumentFor, noneReaches, reachOf } from '@/core/readings/instrumentFor'
import type { ReadingTarget } from '@/core/readings/readingPlan'
import type { TrayCalls } from '@/services/actions'
import type { FeedSource } from '@/services/instruments/instrumentFeeds'
import type { ReadingResult } from '@/services/tray/takeReading'
import { sound } from '../sounds/sound'
import { BROKE, firstOf } from './trayAnswer'
import type { SessionEvent, TraySession } from './traySession'
import { onEnter, targetOfSession } from './traySession'

const NONE_ASKED = 'nothing is asked for now. Choose the dimension to read it all the same.'

interface Send {
  readonly text: string
  readonly confirmed: boolean
  readonly instrumentId: number | null
  readonly source: 'typed' | 'instrument'
  readonly at: ReadingTarget
  /** it was ended with Enter while another one was on its way */
  readonly waited?: boolean
}

/** What the bar does with a figure: which instrument it is by, where it goes, sending it, answering what was asked. */
export function useReadingInput(state: TraySession, dispatch: Dispatch<SessionEvent>, actions: TrayCalls) {
  const [instrument, setInstrument] = useState<{ kind: string; id: number } | null>(null)
  const [feed, setFeed] = useState<FeedSource | null>(null)
  const inputRef = useRef<HTMLInputElement>(null)
  const { view } = state
  const target = targetOfSession(state)
  const usual = target ? instrumentFor(target.dimension, view.instruments) : view.instruments[0]
  const kind = usual?.kind ?? null
  // An instrument chosen by hand holds for dimensions of the same kind that it reaches; the next kind starts anew.
  const chosen = view.instruments.find(({ id }) => id === instrument?.id && instrument.kind === kind)
  const reaches = chosen && (!target || reachOf(chosen.kind, target.dimension) !== 'cannot')
  const instrumentId = (reaches ? chosen : usual)?.id ?? null

  // Shown before the next key is heard: what that key does depends on the answer.
  const answered = (event: SessionEvent) => flushSync(() => dispatch(event))

  const send = async ({ text, confirmed, instrumentId: id, source, at, waited = false }: Send) => {
    if (id === null) return dispatch({ type: 'failed', error: noneReaches(at.dimension) })
    dispatch({ type: 'figure-sent', waited })
    const input = { trayId: view.tray.id, ...at, text, instrumentId: id, source, confirmed }
    const result = await actions
      .takeReading(input)
      .catch((): ReadingResult => ({ ok: false, errors: { form: BROKE } }))
    sound(result.ok ? 'taken' : 'refused')
    if (result.ok) {
      answered({ type: 'reading-taken', view: result.view, note: result.note })
      // Back to the page, so that single keys work and the next figure may come from anywhere.
      inputRef.current?.blur()
    } else if ('ask' in result) answered({ type: 'asked', question: result.ask })
    else answered({ type: 'failed', error: firstOf(result.errors) })
  }

  const accept = () => {
    const { text } = state
    switch (onEnter(state)) {
      case 'wait':
        return dispatch({ type: 'accept-waits' })
      case 'send':
        if (target) void send({ text, confirmed: false, instrumentId, source: 'typed', at: target })
        return
      case 'not-asked':
        return dispatch({ type: 'failed', error: `${text.trim()} not taken: ${NONE_ASKED}` })
      case 'nothing':
        return
    }
  }
  const sendWaiting = useEffectEvent(([text = '', ...others]: readonly string[]) => {
    if (target) void send({ text, confirmed: false, instrumentId, source: 'typed', at: target, waited: true })
    else dispatch({ type: 'failed', error: `${[text, ...others].join(', ')} not taken: ${NONE_ASKED}` })
  })
  const { waiting, busy } = state
  useEffect(() => {
    if (waiting.length > 0 && !busy) sendWaiting(waiting)
  }, [waiting, busy])

  // What was refused or asked about stays in sight, and the next key from the field replaces it as a whole.
  const { refused } = state
  useLayoutEffect(() => {
    const field = inputRef.current
    if (refused && field && document.activeElement === field) field.select()
  }, [refused, state.text])

  return {
    target,
    instrumentId,
    inputRef,
    feed,
    setFeed,
    accept,
    chooseInstrument: (id: number) => kind && setInstrument({ kind, id }),
    type: (text: string) => dispatch({ type: 'typed', text }),
    typeFigure: (character: string) => {
      dispatch({ type: 'typed-on', character })
      inputRef.current?.focus()
    },
    // From the pad: the field is not focused, which would bring up the system's keyboard over the drawing.
    padKey: (character: string) => dispatch({ type: 'typed-on', character }),
    padDelete: () => dispatch({ type: 'last-deleted' }),
    receive: (sent: { line: string; instrumentId: number }, at: ReadingTarget) => {
      dispatch({ type: 'typed', text: sent.line.replace(/^\+0*(?=\d)/, '').replace(' mm', '') })
      const { line: text, instrumentId: id } = sent
      void send({ text, confirmed: false, instrumentId: id, source: 'instrument', at })
    },
    answer: (answer: 'suggestion' | 'keep' | 'again') => {
      const { question } = state
      if (answer === 'again' || !question || !target) {
        dispatch({ type: 'cleared' })
        inputRef.current?.focus()
        return
      }
      const text = String(answer === 'suggestion' ? question.suggestionMm : question.valueMm)
      void send({ text, confirmed: answer === 'keep', instrumentId, source: 'typed', at: target })
    },
    aim: (dimension: DimensionId) => dispatch({ type: 'aimed', dimension }),
  }
}
