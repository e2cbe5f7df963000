'use client'
import type { PartKind } from '@/core/parts/parts'
import { useOneAtATime } from '../../forms/useOneAtATime'
import type { StageWorkProps } from '../StageWorkProps'
import { useErrorAt } from './useErrorAt'

/** How a part of the drawers stands to a tray. */
export interface Taker {
  /** how many are out for it */
  readonly out: number
  /** takes one more; null once the tray is handed back: nothing goes out for it any more */
  readonly take: (() => void) | null
}

/** Takes parts out of their drawers for this tray, one at a time. */
export function useTakeOut({ bench, actions }: StageWorkProps) {
  const [error, setError] = useErrorAt(bench.state.view)
  const { tray, partsOut } = bench.state.view
  const [takeOut] = useOneAtATime(async (kind: PartKind, partId: number) =>
    setError(await bench.change(actions.takeOut({ trayId: tray.id, kind, partId }))),
  )
  const takerOf = (kind: PartKind, partId: number): Taker => ({
    out: partsOut.find((part) => part.kind === kind && part.partId === partId)?.count ?? 0,
    take: tray.finishedAt === null ? () => void takeOut(kind, partId) : null,
  })
  return { takerOf, error }
}
