import { expose } from 'comlink'
import type { GreyImage } from '@/core/photo-gauge/GreyImage'
import { unshrunk } from '@/core/photo-gauge/GreyImage'
import type { FoundTracks } from '@/core/ring-picture/findTracks'
import { findTracks } from '@/core/ring-picture/findTracks'
import type { RingAsked, RingOutcome } from '@/core/ring-picture/readRing'
import { readRing } from '@/core/ring-picture/readRing'
import type { Track } from '@/core/ring-picture/tickStrip'
import { openPicture } from './openPicture'

/** Longest side rings are read at, px. */
const WORKING_SIDE_PX = 1600

export type OpenedRing =
  | { readonly ok: true; readonly widthPx: number; readonly heightPx: number; readonly tracks: FoundTracks }
  | { readonly ok: false; readonly message: string }

export type OnProgress = (share: number, words: string) => void

let working: { image: GreyImage; factor: number } | null = null

/** Unpacks a picture and looks for the tracks of two rings of ticks. Places are in the picture's own pixels. */
async function open(file: Blob, onProgress: OnProgress): Promise<OpenedRing> {
  working = null
  onProgress(0.05, 'unpacking')
  const opened = await openPicture(file, WORKING_SIDE_PX, () => onProgress(0.3, 'brightness'))
  if (!opened.ok) return opened
  const { image, factor, widthPx, heightPx } = opened
  working = { image, factor }
  onProgress(0.5, 'looking for the rings')
  const found = findTracks(image)
  onProgress(1, 'rings')
  const tracks = found.ok
    ? { ...found, inner: atFullSize(found.inner, factor), outer: atFullSize(found.outer, factor) }
    : found
  return { ok: true, widthPx, heightPx, tracks }
}

/** Reads the ring against the dial with their tracks where they are set now. @returns null before a picture was opened */
function read({ inner, outer, ...asked }: RingAsked): RingOutcome | null {
  if (!working) return null
  const { image, factor } = working
  const outcome = readRing(image, {
    ...asked,
    inner: atWorkingSize(inner, factor),
    outer: atWorkingSize(outer, factor),
  })
  if (!outcome.ok) return outcome
  const { reading } = outcome
  const atFull = (read: typeof reading.inner) => ({ ...read, track: atFullSize(read.track, factor) })
  return { ok: true, reading: { ...reading, inner: atFull(reading.inner), outer: atFull(reading.outer) } }
}

function atFullSize({ centre, innerPx, outerPx, twelveDeg }: Track, factor: number): Track {
  return {
    centre: unshrunk(centre, factor),
    innerPx: innerPx * factor,
    outerPx: outerPx * factor,
    twelveDeg,
  }
}

function atWorkingSize({ centre, innerPx, outerPx, twelveDeg }: Track, factor: number): Track {
  const half = (factor - 1) / 2
  return {
    centre: { x: (centre.x - half) / factor, y: (centre.y - half) / factor },
    innerPx: innerPx / factor,
    outerPx: outerPx / factor,
    twelveDeg,
  }
}

const api = { open, read }
export type RingPictureWorker = typeof api
expose(api)
