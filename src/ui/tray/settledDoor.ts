import type { SeenTray } from '@/core/tray/staleness'
import type { Act } from './trayCalls'
import type { KeptInPageStore, Unanswered } from './unanswered'

/** Between two asks while no answer comes, ms: a server that starts anew needs some seconds. */
const ASKED_AGAIN_MS = 1_000

/** What only looks: nobody misses its answer after the page was loaded anew. */
const ONLY_LOOK: readonly string[] = [
  'compareUpgrades',
  'judgeChoice',
  'photoGaugeSettings',
  'ringSamples',
  'showTray',
]

/** Errors of a server that answers: asking again would only bring them once more. */
function isAnswer(error: unknown): boolean {
  return error instanceof Error && ('digest' in error || error.name === 'UnrecognizedActionError')
}

/** Where a tray's changes go, and what becomes of those no answer came for. */
export interface SettledDoor {
  readonly act: Act
  /** sends once more what an earlier page of the tray got no answer for */
  readonly resend: (change: Unanswered) => Promise<unknown>
}

/**
 * The server's door, asked until it answers. Whether a change was stored when no answer comes is not known: it is sent
 * again under the same key, which the server stores once, so that it settles by itself, also after the page was loaded
 * anew. An error of the server's own is thrown: that is an answer.
 * @param seen - what the page knows of the tray now
 * @param onAway - told whether the server is away, as often as that is seen
 */
export function settledDoor(
  act: Act,
  kept: Pick<KeptInPageStore, 'sent' | 'answered'>,
  seen: () => SeenTray,
  onAway: (away: boolean) => void,
): SettledDoor {
  const settle = async ({ key, name, input, seen }: Unanswered): Promise<unknown> => {
    for (;;) {
      try {
        return await act(name, input, key, seen)
      } catch (error) {
        if (isAnswer(error)) throw error
        onAway(true)
        await new Promise((resolve) => setTimeout(resolve, ASKED_AGAIN_MS))
      }
    }
  }
  const resend = (change: Unanswered) =>
    settle(change).finally(() => {
      onAway(false)
      kept.answered(change.key)
    })
  return {
    act: (name, input) => {
      const change = { key: crypto.randomUUID(), name, input, seen: seen() }
      if (!ONLY_LOOK.includes(name)) kept.sent(change)
      return resend(change)
    },
    resend,
  }
}
