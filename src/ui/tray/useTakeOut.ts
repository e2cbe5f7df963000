'use client'
import { useState } from 'react'
import type { PartKind } from '@/core/stock/partKinds'
import { useOneAtATime } from '../forms/useOneAtATime'
import type { StageWorkProps } from './StageWorkProps'

/**
 * Takes parts out of their drawers for this tray, one at a time.
 * @returns null for the doing once the tray is handed back: nothing goes out for it any more
 */
export function useTakeOut({ bench, actions }: StageWorkProps) {
  const [error, setError] = useState<string | null>(null)
  const { tray } = bench.state.view
  const [takeOut] = useOneAtATime(async (kind: PartKind, partId: number) =>
    setError(await bench.change(actions.takeOut({ trayId: tray.id, kind, partId }))),
  )
  const take = (kind: PartKind, partId: number) => void takeOut(kind, partId)
  return { take: tray.finishedAt === null ? take : null, error }
}
