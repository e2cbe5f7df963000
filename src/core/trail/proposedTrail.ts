import { median } from 'simple-statistics'
import type { SizeMark, TrailPartId } from './parts'
import type { TrailLine } from './partsTrail'

/** A line this case usually has. */
export interface ProposedLine {
  readonly part: TrailPartId
  readonly size: SizeMark
  readonly count: number
  readonly clockHour: number | null
  /** trails of this case it was on, and trails there are */
  readonly seen: number
  readonly of: number
}

/** Only the newest trails teach: a case changes over the years. From memory. */
const TRAILS_LOOKED_AT = 8
/** On at least this share of them a line is proposed. From memory. */
const USUAL_SHARE = 0.5

const keyOf = (line: Pick<TrailLine, 'part' | 'size'>) => `${line.part}/${line.size}`

/**
 * What usually comes off this case, learned from its earlier trails, in the order of the newest that had most of it.
 * @param past - the trails of earlier trays of the same case sheet, newest first
 */
export function proposedTrail(past: readonly (readonly TrailLine[])[]): ProposedLine[] {
  const trails = past.filter((lines) => lines.length > 0).slice(0, TRAILS_LOOKED_AT)
  const counts = new Map<string, { line: TrailLine; perTrail: number[] }>()
  for (const lines of trails) {
    const inThis = new Map<string, { line: TrailLine; count: number }>()
    for (const line of lines) {
      const sofar = inThis.get(keyOf(line))
      inThis.set(keyOf(line), { line: sofar?.line ?? line, count: (sofar?.count ?? 0) + line.count })
    }
    for (const [key, { line, count }] of inThis) {
      const known = counts.get(key)
      if (known) known.perTrail.push(count)
      else counts.set(key, { line, perTrail: [count] })
    }
  }
  return [...counts.values()]
    .filter(({ perTrail }) => perTrail.length / trails.length >= USUAL_SHARE)
    .map(({ line, perTrail }) => ({
      part: line.part,
      size: line.size,
      count: Math.round(median(perTrail)),
      clockHour: line.clockHour,
      seen: perTrail.length,
      of: trails.length,
    }))
}

/** What of the usual has not come off this tray yet. */
export function stillUsual(proposed: readonly ProposedLine[], lines: readonly TrailLine[]): ProposedLine[] {
  return proposed.flatMap((p) => {
    const off = lines.filter((line) => keyOf(line) === keyOf(p)).reduce((sum, line) => sum + line.count, 0)
    return off < p.count ? [{ ...p, count: p.count - off }] : []
  })
}
