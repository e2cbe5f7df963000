import type { Db } from '@/data/client'
import { simulatedHoldMs } from '@/data/environment'
import type { BridgeFeed } from '@/devices/bridgeFeed'
import { bridgeFeed } from '@/devices/bridgeFeed'
import type { InstrumentFeed } from '@/devices/InstrumentFeed'
import { simulatedLine } from './simulatedLine'

export const FEED_SOURCES = ['simulated', 'bridge'] as const
export type FeedSource = (typeof FEED_SOURCES)[number]

/** Pages that may listen at once: each simulated hand works out its own readings. */
const MOST_LISTENING = 12
const TOO_MANY = `${MOST_LISTENING} pages listen to instruments already. Close one of them, then switch this one on again.`

/** Between repeats while nothing moves on, ms. */
const NEXT_HOLD_MS = 4000

// Routes are bundled apart: what there is one of in this process hangs on its global object.
const shared = globalThis as unknown as {
  __whyalonBridge?: BridgeFeed
  __whyalonListening?: { pages: number }
}

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
  return limited(source === 'bridge' ? theBridge() : simulatedFeed(db))
}

/** The same feed, told to one too many that there is no room: those who listen go on being served. */
function limited(feed: InstrumentFeed): InstrumentFeed {
  return {
    listen(at, heard) {
      const listening = (shared.__whyalonListening ??= { pages: 0 })
      if (listening.pages >= MOST_LISTENING) {
        heard.onTrouble(TOO_MANY)
        return () => undefined
      }
      listening.pages++
      const stop = feed.listen(at, heard)
      let stopped = false
      return () => {
        if (!stopped) listening.pages--
        stopped = true
        stop()
      }
    },
  }
}
