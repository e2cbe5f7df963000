'use client'
import { proxy, wrap } from 'comlink'
import type { Remote } from 'comlink'
import { useEffect, useEffectEvent, useRef, useState } from 'react'
import type { RingOutcome } from '@/core/ring-picture/readRing'
import type { Track } from '@/core/ring-picture/tickStrip'
import type { RingPictureWorker } from '@/workers/ringPicture.worker'

export interface RingPicture {
  readonly file: File
  /** address of the picture in this browser */
  readonly src: string
  readonly widthPx: number
  readonly heightPx: number
}

/** The tracks of dial and ring, as they are set. */
export interface RingTracks {
  readonly inner: Track
  readonly outer: Track
}

/** Tracks nobody found, to be set by hand, parts of half the shorter side. */
const GUESSED = { inner: [0.56, 0.62], outer: [0.66, 0.72] } as const
/** Rings are read anew once a handle or a figure has rested this long, ms. */
const REST_MS = 200

const NOT_FOUND = {
  'no-ticks':
    'No ring of 60 ticks found. Photograph the head from above, all of it in sight, or set the four circles by hand.',
  'one-track':
    'One ring of ticks found alone. Set the circles by hand: one pair over the dial’s ticks, one over the ring’s.',
} as const

/** Reads a picture of a head in a worker: first where its rings are, then how they stand, again whenever one is moved. */
export function useRingPicture(asked: { readonly radiusMm: number; readonly depthMm: number } | null) {
  const worker = useRef<Remote<RingPictureWorker> | null>(null)
  const [picture, setPicture] = useState<RingPicture | null>(null)
  const [tracks, setTracks] = useState<RingTracks | null>(null)
  const [outcome, setOutcome] = useState<RingOutcome | null>(null)
  const [progress, setProgress] = useState<{ readonly share: number; readonly words: string } | null>(null)
  const [trouble, setTrouble] = useState<string | null>(null)
  // Only the newest request may answer: a slow one must not overwrite it.
  const request = useRef(0)

  useEffect(() => {
    const thread = new Worker(new URL('../../workers/ringPicture.worker.ts', import.meta.url), {
      type: 'module',
    })
    worker.current = wrap<RingPictureWorker>(thread)
    return () => {
      thread.terminate()
      worker.current = null
    }
  }, [])
  const src = picture?.src
  useEffect(() => () => void (src && URL.revokeObjectURL(src)), [src])

  const open = async (file: File, twelveDeg: number) => {
    const own = ++request.current
    setOutcome(null)
    setTracks(null)
    setTrouble(null)
    setProgress({ share: 0, words: 'opening' })
    const onProgress = proxy((share: number, words: string) => {
      if (own === request.current) setProgress({ share, words })
    })
    const opened = await worker.current?.open(file, onProgress)
    if (own !== request.current || !opened) return
    setProgress(null)
    if (!opened.ok) {
      setPicture(null)
      return setTrouble(opened.message)
    }
    const { widthPx, heightPx, tracks: found } = opened
    setPicture({ file, src: URL.createObjectURL(file), widthPx, heightPx })
    if (!found.ok) setTrouble(NOT_FOUND[found.reason])
    const { inner, outer } = found.ok ? found : guessed(widthPx, heightPx)
    setTracks({ inner: { ...inner, twelveDeg }, outer: { ...outer, twelveDeg } })
  }

  const read = useEffectEvent(async ({ inner, outer }: RingTracks) => {
    if (!asked) return setOutcome(null)
    const own = ++request.current
    const answer = await worker.current?.read({ inner, outer, ...asked })
    if (own === request.current && answer) setOutcome(answer)
  })
  const [radiusMm, depthMm] = [asked?.radiusMm, asked?.depthMm]
  useEffect(() => {
    if (!tracks) return
    const timer = setTimeout(() => void read(tracks), REST_MS)
    return () => clearTimeout(timer)
  }, [tracks, radiusMm, depthMm])

  return {
    picture,
    tracks,
    outcome,
    progress,
    trouble,
    open,
    setTracks: (set: RingTracks) => {
      setTrouble(null)
      setTracks(set)
    },
  }
}

function guessed(widthPx: number, heightPx: number): RingTracks {
  const half = Math.min(widthPx, heightPx) / 2
  const trackOf = ([inner, outer]: readonly [number, number]): Track => ({
    centre: { x: widthPx / 2, y: heightPx / 2 },
    innerPx: inner * half,
    outerPx: outer * half,
    twelveDeg: 0,
  })
  return { inner: trackOf(GUESSED.inner), outer: trackOf(GUESSED.outer) }
}
