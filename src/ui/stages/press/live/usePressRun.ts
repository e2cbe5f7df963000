'use client'
import type { Remote } from 'comlink'
import { wrap } from 'comlink'
import { useEffect, useRef, useState } from 'react'
import type { PressReading } from '@/core/press-run/PressReading'
import type { PressRunPolicy } from '@/core/press-run/pressRunPolicy'
import type { TraceRow, TraceSource } from '@/core/press-run/PressTrace'
import type { PressReaderWorker } from '@/workers/pressReader.worker'

export interface PressRunAsked {
  readonly source: TraceSource
  readonly trayId: number
  readonly pressId: number
  readonly fault: string
}

export interface LivePressRun {
  readonly state: 'idle' | 'running' | 'ended'
  readonly source: TraceSource
  readonly rows: readonly TraceRow[]
  readonly reading: PressReading | null
  readonly trouble: string | null
  readonly start: (asked: PressRunAsked) => void
  readonly stop: () => void
  readonly clear: () => void
}

const NO_ROWS: readonly TraceRow[] = []

interface Reader {
  readonly thread: Worker
  readonly reader: Remote<PressReaderWorker>
}

/** Begun with the first run: most pages never press. */
function newReader(): Reader {
  const thread = new Worker(new URL('../../../../workers/pressReader.worker.ts', import.meta.url), {
    type: 'module',
  })
  return { thread, reader: wrap<PressReaderWorker>(thread) }
}

/**
 * One run at a press with a cell: readings as they come, and what they say so far.
 * @param reads - a crystal goes in: only then they are read
 */
export function usePressRun(policy: PressRunPolicy, reads: boolean): LivePressRun {
  const worker = useRef<Reader | null>(null)
  const stream = useRef<EventSource | null>(null)
  const rows = useRef<TraceRow[]>([])
  const reading = useRef(false)
  const [shown, setShown] = useState(NO_ROWS)
  const [state, setState] = useState<LivePressRun['state']>('idle')
  const [source, setSource] = useState<TraceSource>('simulated')
  const [said, setSaid] = useState<{ reading: PressReading | null; trouble: string | null }>({
    reading: null,
    trouble: null,
  })
  /** which run it is, and why it ended, where it broke off */
  const begun = useRef(0)
  const broke = useRef<string | null>(null)

  useEffect(
    () => () => {
      stream.current?.close()
      worker.current?.thread.terminate()
      worker.current = null
    },
    [],
  )

  // One reading at a time; what came meanwhile is read with the next one.
  const read = async (): Promise<void> => {
    if (reading.current || !reads) return
    reading.current = true
    const upTo = rows.current.length
    const goesOn = stream.current !== null
    const of = begun.current
    worker.current ??= newReader()
    const answer = await worker.current.reader.read(rows.current.slice(), policy, goesOn)
    reading.current = false
    // Another run was begun meanwhile: it is read, and nothing is said of the one before.
    if (of !== begun.current) return rows.current.length > 0 ? read() : undefined
    setSaid({ reading: answer.reading, trouble: answer.trouble ?? broke.current })
    // Once it is over it is read as a whole.
    if (rows.current.length > upTo || (goesOn && stream.current === null)) await read()
  }

  const end = (trouble: string | null) => {
    broke.current = trouble
    stream.current?.close()
    stream.current = null
    setState('ended')
    void read()
    if (trouble !== null) setSaid((before) => ({ ...before, trouble }))
  }

  const clear = () => {
    stream.current?.close()
    stream.current = null
    rows.current = []
    begun.current++
    broke.current = null
    setShown(NO_ROWS)
    setSaid({ reading: null, trouble: null })
    setState('idle')
  }

  const start = ({ source: from, trayId, pressId, fault }: PressRunAsked) => {
    clear()
    setSource(from)
    setState('running')
    const query = new URLSearchParams({ source: from, tray: String(trayId), press: String(pressId), fault })
    const opened = new EventSource(`/api/presses/feed?${query.toString()}`)
    stream.current = opened
    opened.addEventListener('points', ({ data }: MessageEvent<string>) => {
      rows.current.push(...(JSON.parse(data) as TraceRow[]))
      setShown(rows.current.slice())
      void read()
    })
    opened.addEventListener('end', () => end(null))
    opened.addEventListener('trouble', ({ data }: MessageEvent<string>) => end(data))
    // The browser would begin a run anew: what came stays, and the hand is told.
    opened.addEventListener('error', () => {
      if (stream.current === opened)
        end('The press is not heard any more: what came so far is kept. Look at the cell’s plug.')
    })
  }

  return { state, source, rows: shown, ...said, start, stop: () => end(null), clear }
}
