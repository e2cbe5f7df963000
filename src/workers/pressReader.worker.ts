import { expose } from 'comlink'
import { checkRun } from '@/core/press-run/checkRun'
import type { PressReading } from '@/core/press-run/PressReading'
import type { PressRunPolicy } from '@/core/press-run/pressRunPolicy'
import type { TraceRow } from '@/core/press-run/PressTrace'
import { pointsOf } from '@/core/press-run/PressTrace'
import { readPress } from '@/core/press-run/readPress'

export interface LiveReading {
  readonly reading: PressReading | null
  /** why the rest cannot be read; null while all of it can */
  readonly trouble: string | null
}

/** Fewer readings say nothing yet. */
const LEAST = 8

/** Reads a run as far as it has come: apart from the page, so that the chart never waits. */
function read(rows: readonly TraceRow[], policy: PressRunPolicy): LiveReading {
  const { kept, trouble } = checkRun(pointsOf(rows))
  if (kept.length < LEAST) return { reading: null, trouble: rows.length < LEAST ? null : trouble }
  return { reading: readPress(kept, policy), trouble }
}

const reader = { read }
export type PressReaderWorker = typeof reader
expose(reader)
