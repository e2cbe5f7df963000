'use client'
import { proxy, wrap } from 'comlink'
import type { Remote } from 'comlink'
import { useEffect, useEffectEvent, useRef, useState } from 'react'
import { printScale } from '@/core/photo-gauge/gaugeSheet'
import type { SheetCorners } from '@/core/photo-gauge/locateSheet'
import type { SeenArc } from '@/core/photo-gauge/readPicture'
import type { FoundMark } from '@/core/photo-gauge/sheetView'
import type { PhotoGaugeWorker } from '@/workers/photoGauge.worker'

export interface GaugePicture {
  readonly file: File
  /** address of the picture in this browser */
  readonly src: string
  readonly widthPx: number
  readonly heightPx: number
}

export interface GaugeProgress {
  /** 0…1 */
  readonly share: number
  readonly words: string
}

export interface PhotoGaugeReading {
  readonly picture: GaugePicture | null
  readonly corners: SheetCorners | null
  readonly marks: readonly FoundMark[]
  readonly arcs: readonly SeenArc[]
  readonly progress: GaugeProgress | null
  readonly trouble: string | null
  readonly open: (file: File) => Promise<void>
  readonly setCorners: (corners: SheetCorners) => void
}

/** The four handles before anybody has set them: well inside the picture. */
const FIRST_GUESS = 0.15
/** Edges are read anew once a handle or a figure has rested this long, ms. */
const REST_MS = 250

const NOT_FOUND = {
  'no-marks':
    'Corner marks not found: no quartered discs in the picture. Photograph the printed gauge sheet, all four corners in sight, or drag the handles onto them.',
  'no-sheet':
    'Corner marks not found: what is there is not the gauge sheet, or a corner is hidden. Drag the four handles onto its corner marks, the one with the dot first.',
} as const

/** Reads pictures of the gauge sheet in a worker: corners first, then edges, again whenever corners or print change. */
export function usePhotoGauge(
  print: { levelBarMm: number; uprightBarMm: number | null } | null,
): PhotoGaugeReading {
  const worker = useRef<{ thread: Worker; gauge: Remote<PhotoGaugeWorker> } | null>(null)
  const [picture, setPicture] = useState<GaugePicture | null>(null)
  const [corners, setCorners] = useState<SheetCorners | null>(null)
  const [seen, setSeen] = useState<{ marks: readonly FoundMark[]; arcs: readonly SeenArc[] }>(NOTHING)
  const [progress, setProgress] = useState<GaugeProgress | null>(null)
  const [trouble, setTrouble] = useState<string | null>(null)
  // Only the newest request may answer: a slow one must not overwrite it.
  const request = useRef(0)

  useEffect(() => {
    const thread = new Worker(new URL('../../workers/photoGauge.worker.ts', import.meta.url), {
      type: 'module',
    })
    worker.current = { thread, gauge: wrap<PhotoGaugeWorker>(thread) }
    return () => {
      thread.terminate()
      worker.current = null
    }
  }, [])
  const src = picture?.src
  useEffect(() => () => void (src && URL.revokeObjectURL(src)), [src])

  const onProgress = (own: number) =>
    proxy((share: number, words: string) => {
      if (own === request.current) setProgress({ share, words })
    })

  const open = async (file: File) => {
    const own = ++request.current
    setSeen(NOTHING)
    setTrouble(null)
    setCorners(null)
    setProgress({ share: 0, words: 'opening' })
    const opened = await worker.current?.gauge.open(file, onProgress(own))
    if (own !== request.current || !opened) return
    setProgress(null)
    if (!opened.ok) {
      setPicture(null)
      return setTrouble(opened.message)
    }
    const { widthPx, heightPx } = opened
    setPicture({ file, src: URL.createObjectURL(file), widthPx, heightPx })
    if (opened.corners) return setCorners(opened.corners)
    if (opened.reason) setTrouble(NOT_FOUND[opened.reason])
    setCorners(guess(widthPx, heightPx))
  }

  const read = useEffectEvent(async (at: SheetCorners) => {
    if (!print) return
    const scale = printScale(print.levelBarMm, print.uprightBarMm)
    if (!scale.ok) {
      setSeen(NOTHING)
      return setTrouble(scale.message)
    }
    const own = ++request.current
    const answer = await worker.current?.gauge.read(at, scale.scale, onProgress(own))
    if (own !== request.current || !answer) return
    setProgress(null)
    setSeen(answer.ok ? answer : NOTHING)
    setTrouble(answer.ok ? null : answer.message)
  })
  const untouched = picture !== null && corners !== null && isGuess(corners, picture)
  const [level, upright] = [print?.levelBarMm, print?.uprightBarMm]
  useEffect(() => {
    // Handles nobody has moved yet lie on no marks: reading there would only hide why they were not found.
    if (!corners || untouched) return
    const timer = setTimeout(() => void read(corners), REST_MS)
    return () => clearTimeout(timer)
  }, [corners, untouched, level, upright])

  return { picture, corners, ...seen, progress, trouble, open, setCorners }
}

const NOTHING = { marks: [], arcs: [] }

function guess(widthPx: number, heightPx: number): SheetCorners {
  const [left, top] = [widthPx * FIRST_GUESS, heightPx * FIRST_GUESS]
  return [
    { x: left, y: top },
    { x: widthPx - left, y: top },
    { x: widthPx - left, y: heightPx - top },
    { x: left, y: heightPx - top },
  ]
}

function isGuess(corners: SheetCorners, { widthPx, heightPx }: GaugePicture): boolean {
  return guess(widthPx, heightPx).every((g, i) => g.x === corners[i]?.x && g.y === corners[i].y)
}
