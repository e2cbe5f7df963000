import { expose } from 'comlink'
import type { PrintScale } from '@/core/photo-gauge/gaugeSheet'
import type { GreyImage } from '@/core/photo-gauge/GreyImage'
import { unshrunk } from '@/core/photo-gauge/GreyImage'
import type { SheetCorners } from '@/core/photo-gauge/locateSheet'
import type { SeenArc } from '@/core/photo-gauge/readPicture'
import { arcsOnSheet, findCorners } from '@/core/photo-gauge/readPicture'
import type { FoundMark } from '@/core/photo-gauge/sheetView'
import { marksNear, SHEET_VIEW_WORDS, sheetView } from '@/core/photo-gauge/sheetView'
import { openPicture } from './openPicture'

/** Longest side edges are looked for at, px: larger pictures are averaged down, which quiets their noise. */
const WORKING_SIDE_PX = 2800

export type OpenedPicture =
  | {
      ok: true
      widthPx: number
      heightPx: number
      /** null when they were not found, with why */
      corners: SheetCorners | null
      reason: 'no-marks' | 'no-sheet' | null
    }
  | { ok: false; message: string }

export type ReadPicture =
  { ok: true; marks: readonly FoundMark[]; arcs: readonly SeenArc[] } | { ok: false; message: string }

export type OnProgress = (share: number, words: string) => void

let working: { image: GreyImage; factor: number } | null = null

/** Unpacks a picture and looks for the sheet's corners. Places are in the picture's own pixels. */
async function open(file: Blob, onProgress: OnProgress): Promise<OpenedPicture> {
  working = null
  onProgress(0.05, 'unpacking')
  const opened = await openPicture(file, WORKING_SIDE_PX, () => onProgress(0.3, 'brightness'))
  if (!opened.ok) return opened
  const { image, factor, widthPx, heightPx } = opened
  working = { image, factor }
  onProgress(0.6, 'looking for the corner marks')
  const found = findCorners(image)
  onProgress(1, 'corners')
  return {
    ok: true,
    widthPx,
    heightPx,
    corners: found.ok ? atFullSize(found.corners, factor) : null,
    reason: found.ok ? null : found.reason,
  }
}

/** Reads marks and round edges with the corners where they stand now. */
function read(corners: SheetCorners, scale: PrintScale, onProgress: OnProgress): ReadPicture {
  if (!working) return { ok: false, message: 'Picture: choose one first.' }
  const { image, factor } = working
  onProgress(0.1, 'marks')
  const marks = marksNear(image, atWorkingSize(corners, factor))
  if (!marks) return { ok: false, message: SHEET_VIEW_WORDS['corners-unusable'] }
  const seen = sheetView(marks, scale)
  if (!seen.ok) return { ok: false, message: SHEET_VIEW_WORDS[seen.reason] }
  onProgress(0.3, 'edges')
  const arcs = arcsOnSheet(image, seen.view, scale)
  onProgress(1, 'done')
  return {
    ok: true,
    marks: marks.map(({ mark, picture }) => ({ mark, picture: unshrunk(picture, factor) })),
    arcs: arcs.map((arc) => ({ ...arc, pixels: arc.pixels.map((pixel) => unshrunk(pixel, factor)) })),
  }
}

function atFullSize([a, b, c, d]: SheetCorners, factor: number): SheetCorners {
  return [unshrunk(a, factor), unshrunk(b, factor), unshrunk(c, factor), unshrunk(d, factor)]
}

function atWorkingSize([a, b, c, d]: SheetCorners, factor: number): SheetCorners {
  const back = ({ x, y }: { x: number; y: number }) => {
    const half = (factor - 1) / 2
    return { x: (x - half) / factor, y: (y - half) / factor }
  }
  return [back(a), back(b), back(c), back(d)]
}

const api = { open, read }
export type PhotoGaugeWorker = typeof api
expose(api)
