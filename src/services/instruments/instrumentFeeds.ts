import type { Db } from '@/data/client'
import { simulatedHoldMs } from '@/data/environment'
import type { BridgeFeed } from '@/devices/bridgeFeed'
import { bridgeFeed } from '@/devices/bridgeFeed'
import type { InstrumentFeed } from '@/devices/InstrumentFeed'
import { simulatedLine } from './simulatedLine'

export const FEED_SOURCES = ['simulated', 'bridge'] as const
export type FeedSource = (typeof FEED_SOURCES)[number]

/** Between repeats while nothing moves on, ms. */
const NEXT_HOLD_MS = 4000

// Routes are bundled apart: the one bridge of this process hangs on its global object.
const shared = globalThis as unknown as { __whyalonBridge?: BridgeFeed }

export function theBridge(): BridgeFeed {
  return (shared.__whyalonBridge ??= bridgeFeed())
}

/** The simulated instruments held at one place, a press of the data key at a time. */
function simulatedFeed(db: Db): InstrumentFeed {
  return {
    listen(at, { onLine, onTrouble }) {
      let stopped = false
      let timer: NodeJS.Timeout | undefined
      const press = async () => {
        const sent = await simulatedLine(db, at)
        if (stopped) return
        if (!sent.ok) return onTrouble(Object.values(sent.errors)[0] ?? 'The instrument sent nothing.')
        onLine(sent)
        schedule(NEXT_HOLD_MS)
      }
      const schedule = (ms: number) => {
        timer = setTimeout(() => {
          press().catch(() => onTrouble('The simulated instruments stopped. Switch them on again.'))
        }, ms)
      }
      schedule(simulatedHoldMs(process.env))
      return () => {
        stopped = true
        clearTimeout(timer)
      }
    },
  }
}

export function feedOf(source: FeedSource, db: Db): InstrumentFeed {
  return source === 'bridge' ? theBridge() : simulatedFeed(db)
}
