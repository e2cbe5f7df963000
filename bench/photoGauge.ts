// The photo gauge on a picture of 12 megapixels, as its worker runs it. Times are of one run on one machine.
import path from 'node:path'
import sharp from 'sharp'
import { greyFromRgba } from '@/core/photo-gauge/GreyImage'
import { photoDiameter } from '@/core/photo-gauge/photoDiameter'
import { arcsOnSheet, findCorners } from '@/core/photo-gauge/readPicture'
import { marksNear, sheetView } from '@/core/photo-gauge/sheetView'

const WIDTH_PX = 4000
const HEIGHT_PX = 3000
/** The worker averages pictures larger than 2800 px down. */
const FACTOR = 2
const RUNS = 7
const BUDGET_MS = 1500

const file = path.join(import.meta.dirname, '../public/photographs/crystal-in-four.jpg')
const jpeg = await sharp(file).resize({ width: WIDTH_PX, height: HEIGHT_PX }).jpeg().toBuffer()
const { data } = await sharp(jpeg).ensureAlpha().raw().toBuffer({ resolveWithObject: true })

const PRINT = { x: 0.994, y: 0.9955, uncertainty: 0.0005 }

function readOnce() {
  const start = performance.now()
  const image = greyFromRgba(data, { widthPx: WIDTH_PX, heightPx: HEIGHT_PX }, FACTOR)
  const grey = performance.now()
  const found = findCorners(image)
  const marks = found.ok ? marksNear(image, found.corners) : null
  const seen = marks && sheetView(marks, PRINT)
  if (!marks || !seen?.ok) throw new Error('the sheet was not found')
  const sheet = performance.now()
  const arcs = arcsOnSheet(image, seen.view, PRINT)
  const edges = performance.now()
  const size = photoDiameter({
    arcs: arcs.slice(0, 4).map((arc) => arc.pixels),
    marks,
    levelBarMm: 99.4,
    uprightBarMm: 69.69,
    edgeHeightMm: 1,
    cameraHeightMm: 330,
  })
  if (!size.ok) throw new Error(size.message)
  const end = performance.now()
  return {
    grey: grey - start,
    sheet: sheet - grey,
    edges: edges - sheet,
    circle: end - edges,
    all: end - start,
  }
}

const runs = Array.from({ length: RUNS }, readOnce)
const median = (part: keyof (typeof runs)[number]) =>
  [...runs].map((run) => run[part]).sort((a, b) => a - b)[Math.floor(RUNS / 2)] ?? NaN
const words = (['grey', 'sheet', 'edges', 'circle'] as const)
  .map((part) => `${part} ${median(part).toFixed(0)}`)
  .join(', ')
console.log(
  `photo gauge, 12 megapixels unpacked: median ${median('all').toFixed(0)} ms of ${RUNS} runs (${words}), ${(median('all') / BUDGET_MS).toFixed(2)} of the budget of ${BUDGET_MS} ms`,
)
