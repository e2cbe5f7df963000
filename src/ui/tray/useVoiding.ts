'use client'
import { useState } from 'react'
import type { TrayCalls } from '@/services/actions'
import type { ReadingView } from '@/services/tray/readingView'
import type { Changed } from '@/services/tray/trayChange'
import { answerOf, firstOf } from './trayAnswer'
import type { TraySession } from './traySession'

/** Taking a reading back: which one is asked about, and what becomes of it. */
export function useVoiding(
  { view, busy }: Pick<TraySession, 'view' | 'busy'>,
  actions: TrayCalls,
  take: (result: Changed) => void,
) {
  const [voiding, setVoiding] = useState<ReadingView | null>(null)
  return {
    voiding,
    /** @param readingId - the last one that stands when left out */
    startVoid: (readingId?: number) => {
      // While a figure is on its way the last reading shown is not the last one taken.
      if (voiding || busy) return
      const reading = view.readings.findLast(
        (r) => r.voidReason === null && (readingId === undefined || r.id === readingId),
      )
      if (reading && view.tray.finishedAt === null) setVoiding(reading)
    },
    cancelVoid: () => setVoiding(null),
    /** @returns what is wrong, or null when it was taken back */
    finishVoid: async (reason: string): Promise<string | null> => {
      if (!voiding) return null
      const input = { trayId: view.tray.id, readingId: voiding.id, reason }
      const result = await answerOf(actions.takeBackReading(input))
      if (!result.ok) return firstOf(result.errors)
      take(result)
      setVoiding(null)
      return null
    },
  }
}
