import type { Dispatch } from 'react'
import { useEffect } from 'react'
import type { TrayCalls } from '@/services/actions'
import { answerOf, firstOf } from './trayAnswer'
import type { SessionEvent, TraySession } from './traySession'
import { chosenOf } from './chosenPair'

const AWAY =
  'Whyalon does not answer: the choice beside the list could not be judged by the last figures. Compare once more.'

/** Has a choice beside the shortlist judged anew whenever the page changes, as the list itself is. */
export function useOtherChoice(
  { other, view }: TraySession,
  dispatch: Dispatch<SessionEvent>,
  actions: Pick<TrayCalls, 'judgeChoice'>,
): void {
  const trayId = view.tray.id
  useEffect(() => {
    if (!other || other.judgedOn === view) return
    let late = false
    void answerOf(actions.judgeChoice({ trayId, ...chosenOf(other.candidate) }), AWAY).then((answer) => {
      if (late) return
      if (answer.ok) dispatch({ type: 'other-judged', other: { ...answer.choice, judgedOn: view } })
      else dispatch({ type: 'other-gone', error: firstOf(answer.errors) })
    })
    return () => {
      late = true
    }
  }, [other, view, trayId, dispatch, actions])
}
