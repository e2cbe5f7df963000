'use client'
import type { Remote } from 'comlink'
import { wrap } from 'comlink'
import { useEffect, useRef, useState } from 'react'
import type { ListReading } from '@/core/stock-list/checkListRow'
import type { ColumnMapping } from '@/core/stock-list/listColumns'
import { guessColumns } from '@/core/stock-list/listColumns'
import type { PartKind } from '@/core/parts/parts'
import type { Refusal } from '@/services/boundary'
import type { ImportProgress, ImportResult } from '@/services/drawers/importParts'
import type { ListPreview, StockListWorker } from '@/workers/stockList.worker'

/** A list as it was opened: nothing is stored yet. */
export interface OpenList {
  readonly name: string
  readonly text: string
  readonly headings: readonly string[]
  readonly sample: readonly (readonly string[])[]
  readonly rows: number
}

export interface ListImport {
  readonly list: OpenList | null
  readonly preview: ListPreview | null
  readonly progress: ImportProgress | null
  readonly result: ImportResult | null
  readonly error: string | null
  readonly open: (file: File) => Promise<OpenList | null>
  readonly check: (reading: ListReading) => Promise<void>
  readonly start: (reading: ListReading) => Promise<void>
  readonly stop: () => void
}

const AWAY =
  'Not known how far it came: Whyalon does not answer. Import once more when it does: what landed is not doubled.'

/** Opens and checks a list in a worker, then has the server take it, with progress and a way to stop. */
export function useListImport(): ListImport {
  const worker = useRef<{ thread: Worker; list: Remote<StockListWorker> } | null>(null)
  const running = useRef<AbortController | null>(null)
  const checks = useRef(0)
  const [list, setList] = useState<OpenList | null>(null)
  const [preview, setPreview] = useState<ListPreview | null>(null)
  const [progress, setProgress] = useState<ImportProgress | null>(null)
  const [result, setResult] = useState<ImportResult | null>(null)
  const [error, setError] = useState<string | null>(null)

  useEffect(() => {
    const thread = new Worker(new URL('../../workers/stockList.worker.ts', import.meta.url), {
      type: 'module',
    })
    worker.current = { thread, list: wrap<StockListWorker>(thread) }
    return () => {
      thread.terminate()
      running.current?.abort()
      worker.current = null
    }
  }, [])

  const open = async (file: File): Promise<OpenList | null> => {
    setResult(null)
    setPreview(null)
    setError(null)
    const text = await decoded(file)
    const opened = await worker.current?.list.open(text)
    if (!opened) return null
    if (!opened.ok) {
      setList(null)
      setError(opened.message)
      return null
    }
    const found = { name: file.name, text, ...opened }
    setList(found)
    return found
  }

  const check = async (reading: ListReading) => {
    const own = ++checks.current
    const seen = await worker.current?.list.check(reading)
    if (own === checks.current && seen) setPreview(seen)
  }

  const start = async (reading: ListReading) => {
    if (!list) return
    const control = new AbortController()
    running.current = control
    setError(null)
    setResult(null)
    setProgress({ done: 0, total: list.rows })
    try {
      const answer = await fetch('/api/parts/import', {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify({ text: list.text, reading }),
        signal: control.signal,
      })
      for await (const line of linesOf(answer)) {
        if ('progress' in line) setProgress(line.progress)
        else if ('result' in line && line.result.ok) setResult(line.result)
        else setError(Object.values(('result' in line ? (line.result as Refusal) : line).errors).join(' '))
      }
    } catch {
      setError(
        control.signal.aborted
          ? 'Stopped. What landed until then stays; import the list again to go on, nothing is doubled.'
          : AWAY,
      )
    } finally {
      running.current = null
      setProgress(null)
    }
  }

  return { list, preview, progress, result, error, open, check, start, stop: () => running.current?.abort() }
}

/** Lists come as UTF-8 or from an old spreadsheet: what is no UTF-8 is read as Windows wrote it. */
async function decoded(file: File): Promise<string> {
  const bytes = await file.arrayBuffer()
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes)
  } catch {
    return new TextDecoder('windows-1252').decode(bytes)
  }
}

type AnswerLine = { progress: ImportProgress } | { result: ImportResult | Refusal } | Refusal

/** Lines of JSON as they come. */
async function* linesOf(answer: Response): AsyncGenerator<AnswerLine> {
  const reader = answer.body?.pipeThrough(new TextDecoderStream()).getReader()
  let rest = ''
  for (let part = await reader?.read(); part && !part.done; part = await reader?.read()) {
    const lines = (rest + part.value).split('\n')
    rest = lines.pop() ?? ''
    for (const line of lines) if (line !== '') yield JSON.parse(line) as AnswerLine
  }
  if (rest.trim() !== '') yield JSON.parse(rest) as AnswerLine
}

/** The mapping a list starts from: as it was read last, else by its headings. */
export async function startMapping(list: OpenList, kind: PartKind, supplier: string): Promise<ColumnMapping> {
  const address = new URLSearchParams({ kind, supplier })
  const remembered =
    supplier.trim() === ''
      ? {}
      : await fetch(`/api/parts/mapping?${address}`)
          .then(async (answer) => (await answer.json()) as ColumnMapping)
          .catch(() => ({}))
  return guessColumns(kind, list.headings, list.sample, remembered)
}
