import { mergedById, withChanges } from '@/core/fit/stockIndex'
import type { PartKind } from '@/core/parts/parts'
import type { DrawersInMemory } from '../drawers/drawersInMemory'
import type { KeptPartOut } from '@/core/tray/KeptTray'

interface Line {
  readonly id: number
  readonly quantity: number
}

/** The drawers with what lies out for a tray counted in: the last one, taken out for it, still serves it. */
export function withPartsOut(drawers: DrawersInMemory, out: readonly KeptPartOut[]): DrawersInMemory {
  if (out.length === 0) return drawers
  const returned = <T extends Line>(kind: PartKind, lines: readonly T[]): T[] =>
    lines.flatMap((line) => {
      const part = out.find(({ kind: ofKind, partId }) => ofKind === kind && partId === line.id)
      return part && line.quantity === 0 ? [{ ...line, quantity: part.count }] : []
    })
  const { index } = drawers
  const crystals = returned('crystal', [...index.crystals, ...index.otherBuilds])
  const gaskets = returned('gasket', [...index.gaskets, ...index.otherGaskets])
  const merged = <T extends Line>(kind: PartKind, lines: readonly T[]) =>
    mergedById(lines, returned(kind, lines))
  return {
    ...drawers,
    index: crystals.length + gaskets.length === 0 ? index : withChanges(index, { crystals, gaskets }),
    oRings: merged('o-ring', drawers.oRings),
    bezels: merged('bezel', drawers.bezels),
    inserts: merged('insert', drawers.inserts),
    chapterRings: merged('chapter-ring', drawers.chapterRings),
  }
}
