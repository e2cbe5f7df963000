'use client'
import { useState } from 'react'
import type { TrayView } from '@/services/tray/trayView'

interface Raised {
  readonly text: string
  /** the tray as it stood when this was first shown; null until it was */
  readonly at: TrayView | null
}

/** What was wrong with the last act on a tray: said until the tray changes, not longer, and not of an act before. */
export function useErrorAt(view: TrayView): readonly [string | null, (text: string | null) => void] {
  const [raised, setRaised] = useState<Raised | null>(null)
  // Not as it stood when the act began: another act may have come in between, and this answer is still news.
  if (raised !== null && raised.at === null) setRaised({ ...raised, at: view })
  const error = raised === null || (raised.at !== null && raised.at !== view) ? null : raised.text
  return [error, (text) => setRaised(text === null ? null : { text, at: null })]
}
