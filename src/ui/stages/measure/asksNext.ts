import type { NextMeasurements } from '@/core/verdict/askNext'
import type { TrayView } from '@/services/tray/trayView'

/** How many readings and shapes of a tray stand. */
export function standingCount({ readings, shapes }: Pick<TrayView, 'readings' | 'shapes'>): number {
  return [...readings, ...shapes].filter(({ voidReason }) => voidReason === null).length
}

/** What would settle the size, or that it is settled; null while nothing was read that could. */
export function asksNext(view: Pick<TrayView, 'readings' | 'shapes' | 'askNext'>): NextMeasurements | null {
  return standingCount(view) > 0 ? view.askNext : null
}
