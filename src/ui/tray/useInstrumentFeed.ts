'use client'
import { useEffect, useEffectEvent } from 'react'
import type { FeedSource } from '@/services/instruments/instrumentFeeds'
import type { ReadingTarget } from '@/core/readings/readingPlan'

export interface SentLine {
  readonly line: string
  readonly instrumentId: number
}

export interface InstrumentFeedProps {
  /** whose lines are listened to; null for none */
  readonly source: FeedSource | null
  readonly trayId: number
  /** where the instrument is held; null when the plan is done */
  readonly target: ReadingTarget | null
  readonly onLine: (sent: SentLine, at: ReadingTarget) => void
  readonly onTrouble: (message: string) => void
}

/**
 * Listens to the simulated instruments, or to real ones over the bridge, while that is switched on.
 * One connection a place: when the place changes the old one is closed, so that a late line cannot land on it.
 */
export function useInstrumentFeed({ source, trayId, target, onLine, onTrouble }: InstrumentFeedProps): void {
  const receive = useEffectEvent(onLine)
  const trouble = useEffectEvent(onTrouble)
  const dimension = target?.dimension
  const placeIndex = target?.placeIndex
  useEffect(() => {
    if (!source || dimension === undefined || placeIndex === undefined) return
    const query = new URLSearchParams({ source, tray: String(trayId), dimension, place: String(placeIndex) })
    const stream = new EventSource(`/api/instruments/feed?${query.toString()}`)
    stream.addEventListener('reading', (event: MessageEvent<string>) => {
      receive(JSON.parse(event.data) as SentLine, { dimension, placeIndex })
    })
    stream.addEventListener('trouble', (event: MessageEvent<string>) => {
      trouble(event.data)
      stream.close()
    })
    return () => stream.close()
  }, [source, trayId, dimension, placeIndex])
}
