import { expose } from 'comlink'
import { checkRun } from '@/core/press-run/checkRun'
import type { PressReading } from '@/core/press-run/PressReading'
import type { PressRunPolicy } from '@/core/press-run/pressRunPolicy'
import type { TraceRow } from '@/core/press-run/PressTrace'
import { pointsOf } from '@/core/press-run/PressTrace'
import { LEAST_READINGS, readLive } from '@/core/press-run/readLive'
import { readPress } from '@/core/press-run/readPress'

export interface LiveReading {
  readonly reading: PressReading | null
  /** why the rest cannot be read; null while all of it can */
  readonly trouble: string | null
}

/** Reads a run apart from the page, so that the chart never waits. @param goesOn - more of it is to come */
function read(rows: readonly TraceRow[], policy: PressRunPolicy, goesOn: boolean): LiveReading {
  const { kept, trouble } = checkRun(pointsOf(rows))
  if (kept.length < LEAST_READINGS)
    return { reading: null, trouble: rows.length < LEAST_READINGS ? null : trouble }
  return { reading: goesOn ? readLive(kept, policy) : readPress(kept, policy), trouble }
}

const reader = { read }
export type PressReaderWorker = typeof reader
expose(reader)
