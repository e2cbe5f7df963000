'use client'
import type { Dispatch } from 'react'
import { useEffect, useEffectEvent, useRef } from 'react'
import type { DimensionId } from '@/core/readings/dimensions'
import { DIMENSION_IDS } from '@/core/readings/dimensions'
import type { Refusal } from '@/services/boundary'
import type { TrayView } from '@/services/tray/trayView'
import { answerOf, firstOf } from './trayAnswer'
import type { SessionEvent, TraySession } from './traySession'
import type { TrayDoor } from './trayDoor'
import type { KeptInPage, Unanswered } from './unanswered'

/** As every change of a tray is answered; a figure may be asked about instead. */
type Answer =
  { readonly ok: true; readonly view?: TrayView } | { ok: false; ask: { message: string } } | Refusal

/**
 * Takes up what an earlier page of this tray had sent or was told and got no answer for: changes are settled first, in
 * order, then the figures that waited follow.
 * Figures that wait now are kept with what they are of, so that a reload does not lose them.
 */
export function useUnanswered(
  { waiting, aimedAt }: Pick<TraySession, 'waiting' | 'aimedAt'>,
  dispatch: Dispatch<SessionEvent>,
  { resend, kept }: Pick<TrayDoor, 'resend' | 'kept'>,
) {
  /** figures that waited on the earlier page, until they wait on this one */
  const before = useRef<Pick<KeptInPage, 'waiting' | 'aimedAt'>>({ waiting: [], aimedAt: null })
  const takeUp = useEffectEvent(async () => {
    const found = kept.read()
    const { unanswered } = found
    if (unanswered.length + found.waiting.length === 0) return
    before.current = found
    dispatch({ type: 'sent' })
    const wrong: string[] = []
    for (const change of unanswered) {
      const answer = await answerOf(resend(change) as Promise<Answer>)
      if (!answer.ok)
        wrong.push(`${nameOf(change)}${'ask' in answer ? answer.ask.message : firstOf(answer.errors)}`)
      else if (answer.view) dispatch({ type: 'view-came', view: answer.view })
    }
    before.current = { waiting: [], aimedAt: null }
    dispatch({ type: 'waited-before', texts: found.waiting, dimension: dimensionOf(found) })
    if (wrong.length > 0) dispatch({ type: 'act-failed', error: wrong.join(' ') })
  })
  useEffect(() => void takeUp(), [])
  const dimension = aimedAt?.dimension ?? null
  useEffect(
    () => kept.waits([...before.current.waiting, ...waiting], before.current.aimedAt ?? dimension),
    [kept, waiting, dimension],
  )
}

function dimensionOf({ aimedAt }: KeptInPage): DimensionId | null {
  return DIMENSION_IDS.find((id) => id === aimedAt) ?? null
}

/** The figure a change was about; nothing where it was about something else. */
function nameOf({ input }: Unanswered): string {
  return typeof input === 'object' && input !== null && 'text' in input ? `${String(input.text)}: ` : ''
}
