import { useEffect, useState } from 'react'
import type { PressEnvelope } from '@/core/press-run/envelope'

/** Good runs of the tray's case; null until they are there, and where they cannot be had. */
export function useEnvelope(trayId: number, isWanted: boolean): PressEnvelope | null {
  const [envelope, setEnvelope] = useState<PressEnvelope | null>(null)
  useEffect(() => {
    if (!isWanted) return
    const leaving = new AbortController()
    fetch(`/api/trays/${trayId}/press-envelope`, { signal: leaving.signal })
      .then(async (answer) => (answer.ok ? ((await answer.json()) as PressEnvelope) : null))
      // Without it the run is drawn alone.
      .then(setEnvelope, () => setEnvelope(null))
    return () => leaving.abort()
  }, [trayId, isWanted])
  return envelope
}
