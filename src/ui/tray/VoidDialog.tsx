'use client'
import { DIMENSIONS } from '@/core/readings/dimensions'
import { formatMm } from '@/core/units/formatMm'
import type { ReadingView } from '@/services/tray/readingView'
import { ReasonDialog } from '../small/ReasonDialog'

export interface VoidDialogProps {
  readonly reading: ReadingView
  readonly onClose: () => void
  /** @returns what is wrong, or null when the reading was taken back */
  readonly onVoid: (reason: string) => Promise<string | null>
}

/** Asks why a reading is taken back; the old value is kept beside the reason. */
export function VoidDialog({ reading, onClose, onVoid }: VoidDialogProps) {
  const { label, places } = DIMENSIONS[reading.dimension]
  return (
    <ReasonDialog
      title={`Take back ${label.toLowerCase()} ${formatMm(reading.shownMm)}, ${places[reading.placeIndex]}?`}
      hint="as “jaws tilted” or “wrong dimension”; the old value stays on record"
      act="Take back"
      onClose={onClose}
      onReason={onVoid}
    />
  )
}
