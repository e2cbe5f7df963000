import { median } from 'simple-statistics'
import type { Removal, RemovalWay } from './Removal'
import { isHarm, isOff, OUTCOME_WORDS, REMOVAL_OUTCOMES } from './Removal'

/** A removal of this shop's, on whichever tray. */
export interface PastRemoval extends Pick<Removal, 'part' | 'way' | 'outcome' | 'minutes'> {
  /** on a piece of the same case */
  readonly sameCase: boolean
  /** of the same kind of bezel, or the same material of insert or crystal */
  readonly alike: boolean
}

/** How often a way was tried, and how it went. */
export interface WayRecord {
  readonly tries: number
  readonly harmed: number
  readonly stuck: number
  /** of those that were timed; null where none was */
  readonly medianMinutes: number | null
  /** “this case: 2, all clean; such parts: 5, 1 left a mark” */
  readonly words: string
}

/** Tries that what is known beforehand is worth. From memory. */
const WORTH_TRIES = 5
/** A try that moved nothing costs time and no part. From memory. */
const STUCK_HARM = 0.4

/** What this shop's own removals say of a way: of the same case and of parts of the same make. */
export function wayRecord(way: RemovalWay, past: readonly PastRemoval[]): WayRecord {
  const ofWay = past.filter((one) => one.way === way && (one.sameCase || one.alike))
  const here = ofWay.filter(({ sameCase }) => sameCase)
  const times = ofWay.flatMap(({ minutes }) => minutes ?? [])
  const parts = [
    here.length > 0 && `this case: ${countText(here)}`,
    ofWay.length > here.length && `such parts: ${countText(ofWay)}`,
  ].filter((part) => part !== false)
  return {
    tries: ofWay.length,
    harmed: ofWay.filter(({ outcome }) => isHarm(outcome)).length,
    stuck: ofWay.filter(({ outcome }) => !isOff(outcome)).length,
    medianMinutes: times.length === 0 ? null : median(times),
    words: parts.join('; '),
  }
}

/**
 * A way's risk after what this shop has seen of it: pulled towards what happened to such parts, then to what happened on
 * this very case, the more the oftener it was tried.
 * @param risk - 0 to 1, what is known beforehand
 */
export function riskAfter(risk: number, way: RemovalWay, past: readonly PastRemoval[]): number {
  const ofWay = past.filter((one) => one.way === way)
  const after = (before: number, seen: readonly PastRemoval[]) => {
    const harm = seen.reduce((sum, { outcome }) => sum + harmOf(outcome), 0)
    return (WORTH_TRIES * before + harm) / (WORTH_TRIES + seen.length)
  }
  const alike = after(
    risk,
    ofWay.filter(({ sameCase, alike: isAlike }) => sameCase || isAlike),
  )
  return after(
    alike,
    ofWay.filter(({ sameCase }) => sameCase),
  )
}

function harmOf(outcome: Removal['outcome']): number {
  if (isHarm(outcome)) return 1
  return isOff(outcome) ? 0 : STUCK_HARM
}

/** “4, all clean”, “4, 1 left a mark, 1 did not move”. */
function countText(removals: readonly PastRemoval[]): string {
  const others = REMOVAL_OUTCOMES.filter((outcome) => outcome !== 'clean').flatMap((outcome) => {
    const count = removals.filter((one) => one.outcome === outcome).length
    return count === 0 ? [] : [`${count} ${OUTCOME_WORDS[outcome]}`]
  })
  const clean = removals.length === 1 ? 'clean' : 'all clean'
  return [removals.length, ...(others.length === 0 ? [clean] : others)].join(', ')
}
