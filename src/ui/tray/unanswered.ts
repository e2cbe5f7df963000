import type { SeenTray } from '@/core/tray/staleness'

/** A change of a tray that was sent and not answered yet. */
export interface Unanswered {
  readonly key: string
  readonly name: string
  readonly input: unknown
  /** what the page knew of the tray when it sent it */
  readonly seen: SeenTray
}

/** What a tray's page has sent or was told and that is not stored as far as it knows: kept over a reload of the page. */
export interface KeptInPage {
  readonly unanswered: readonly Unanswered[]
  /** figures that wait for the one before, as typed */
  readonly waiting: readonly string[]
  /** the dimension chosen by hand that they are of; null where they follow the plan */
  readonly aimedAt: string | null
}

const NOTHING: KeptInPage = { unanswered: [], waiting: [], aimedAt: null }

type Cupboard = Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>

/** Keeps what a tray's page has not stored yet where a reload does not reach it. */
export function keptInPage(trayId: number, cupboard: () => Cupboard = () => window.sessionStorage) {
  const name = `unanswered-${trayId}`
  const read = (): KeptInPage => {
    try {
      const kept: unknown = JSON.parse(cupboard().getItem(name) ?? 'null')
      return isKept(kept) ? kept : NOTHING
    } catch {
      // A browser that keeps nothing, or something that is not ours: the page works, it only cannot be loaded anew.
      return NOTHING
    }
  }
  const write = (kept: KeptInPage) => {
    try {
      if (kept.unanswered.length + kept.waiting.length === 0) cupboard().removeItem(name)
      else cupboard().setItem(name, JSON.stringify(kept))
    } catch {
      // See above.
    }
  }
  return {
    read,
    sent: (change: Unanswered) => write({ ...read(), unanswered: [...read().unanswered, change] }),
    answered: (key: string) =>
      write({ ...read(), unanswered: read().unanswered.filter((change) => change.key !== key) }),
    waits: (waiting: readonly string[], aimedAt: string | null) => write({ ...read(), waiting, aimedAt }),
  }
}

export type KeptInPageStore = ReturnType<typeof keptInPage>

function isKept(value: unknown): value is KeptInPage {
  if (typeof value !== 'object' || value === null) return false
  const { unanswered, waiting, aimedAt } = value as Partial<Record<keyof KeptInPage, unknown>>
  return (
    Array.isArray(unanswered) &&
    unanswered.every(
      (change: Partial<Unanswered> | null) =>
        typeof change?.key === 'string' && typeof change.name === 'string',
    ) &&
    Array.isArray(waiting) &&
    waiting.every((text) => typeof text === 'string') &&
    (aimedAt === null || typeof aimedAt === 'string')
  )
}
