'use client'
import { useEffect, useEffectEvent } from 'react'
import type { ReadingTarget } from '@/core/readings/readingPlan'

export interface SentLine {
  readonly line: string
  readonly instrumentId: number
}

export interface SimulatedInstrumentsProps {
  readonly on: boolean
  readonly trayId: number
  /** where the instrument is held; null when the plan is done */
  readonly target: ReadingTarget | null
  readonly onLine: (sent: SentLine, at: ReadingTarget) => void
  readonly onTrouble: (message: string) => void
}

/**
 * Listens to the simulated caliper and gauge while they are switched on.
 * One connection a place: when the place changes the old one is closed, so that a late line cannot land on it.
 */
export function useSimulatedInstruments({
  on,
  trayId,
  target,
  onLine,
  onTrouble,
}: SimulatedInstrumentsProps): void {
  const receive = useEffectEvent(onLine)
  const trouble = useEffectEvent(onTrouble)
  const dimension = target?.dimension
  const placeIndex = target?.placeIndex
  useEffect(() => {
    if (!on || dimension === undefined || placeIndex === undefined) return
    const query = new URLSearchParams({ tray: String(trayId), dimension, place: String(placeIndex) })
    const source = new EventSource(`/api/instruments/simulated?${query.toString()}`)
    source.addEventListener('reading', (event: MessageEvent<string>) => {
      receive(JSON.parse(event.data) as SentLine, { dimension, placeIndex })
    })
    source.addEventListener('trouble', (event: MessageEvent<string>) => {
      trouble(event.data)
      source.close()
    })
    return () => source.close()
  }, [on, trayId, dimension, placeIndex])
}
