import type { TrayCalls } from '@/services/actions'
import type { Refusal } from '@/services/boundary'
import type { TrayView } from '@/services/tray/trayView'
import { changedElsewhere } from './changedElsewhere'
import type { SettledDoor } from './settledDoor'
import { settledDoor } from './settledDoor'
import type { Act } from './trayCalls'
import { trayCalls } from './trayCalls'
import type { KeptInPageStore } from './unanswered'
import { keptInPage } from './unanswered'

type Shown = { readonly ok: true; readonly view: TrayView } | Refusal
type OnView = (view: TrayView) => void

/** The server's door as a tray's page uses it. */
export interface TrayDoor extends Pick<SettledDoor, 'resend'> {
  readonly kept: KeptInPageStore
  readonly actions: TrayCalls
  /** to be told what the page shows by now, and how it shows another view */
  readonly shows: (view: TrayView, onView: OnView) => void
}

/**
 * Sends a page's changes until they are answered, and says with each what the page knew of its tray. Where that was
 * changed elsewhere, the page is drawn anew first, and what differs is said beside the refusal.
 * @param onAway - told whether the server answers
 */
export function trayDoor(
  initial: TrayView,
  send: Act,
  onAway: (away: boolean) => void,
  kept: KeptInPageStore = keptInPage(initial.tray.id),
): TrayDoor {
  const page = crypto.randomUUID()
  let shown: { readonly view: TrayView; readonly onView: OnView } = { view: initial, onView: () => undefined }
  const seen = () => ({ page, revision: shown.view.tray.revision })
  const { act, resend } = settledDoor(send, kept, seen, onAway)
  const asked: Act = async (name, input) => {
    const answer = await act(name, input)
    if (!isStale(answer)) return answer
    const fresh = (await act('showTray', { number: initial.tray.number })) as Shown
    if (!fresh.ok) return answer
    const differs = changedElsewhere(shown.view, fresh.view)
    shown.onView(fresh.view)
    const since = differs === '' ? '' : `Since then: ${differs}.`
    return { ok: false, errors: { stale: [answer.errors['stale'], since].filter(Boolean).join(' ') } }
  }
  return {
    resend,
    kept,
    actions: trayCalls(asked),
    shows: (view, onView) => {
      shown = { view, onView }
    },
  }
}

function isStale(answer: unknown): answer is Refusal {
  if (typeof answer !== 'object' || answer === null || !('errors' in answer)) return false
  const { errors } = answer
  return typeof errors === 'object' && errors !== null && 'stale' in errors
}
