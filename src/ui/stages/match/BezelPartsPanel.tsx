'use client'
import Box from '@mui/material/Box'
import Typography from '@mui/material/Typography'
import type { BezelAssessment } from '@/core/bezel/assessBezel'
import type { ChapterRingAssessment } from '@/core/bezel/assessChapterRing'
import type { InsertAssessment } from '@/core/bezel/assessInsert'
import type { DimensionId } from '@/core/readings/dimensions'
import { DIMENSIONS } from '@/core/readings/dimensions'
import { formatMm } from '@/core/units/formatMm'
import type { PartKind } from '@/core/parts/parts'
import type { StockLine } from '@/core/stock/StockLine'
import type { CutRing } from '@/core/bezel/assessInsert'
import type { Chosen } from '@/core/bezel/chooseBezelParts'
import { WorkError } from '../shared/WorkError'
import type { StageWorkProps } from '../StageWorkProps'
import { TakeOutRow } from '../shared/TakeOutRow'
import type { Taker } from '../shared/useTakeOut'
import { useTakeOut } from '../shared/useTakeOut'

const SHOWN = 3
const SHOWN_REJECTED = 2

/** Inserts, bezels and chapter rings of the drawers for this case, where they were asked for. */
export function BezelPartsPanel({ bench, actions }: StageWorkProps) {
  const { takerOf, error } = useTakeOut({ bench, actions })
  const work = bench.state.view.bezelWork
  if (!work) return null
  const taker = (kind: PartKind) => (partId: number) => takerOf(kind, partId)
  return (
    <Box component="section" aria-label="Bezel parts" sx={{ '& h2:not(:first-of-type)': { mt: 1.5 } }}>
      {work.insert && (
        <>
          <Rows title="Insert" work={work.insert} toRow={insertRow} taker={taker('insert')} />
          <CutRingNote ring={work.insert.cutRing} />
        </>
      )}
      {work.bezel && (
        <>
          <Rows title="Bezel" work={work.bezel} toRow={bezelRow} taker={taker('bezel')} />
          {work.bezel.notes.map((note) => (
            <Typography key={note} sx={{ fontSize: 14, mt: 0.5 }}>
              {note}
            </Typography>
          ))}
        </>
      )}
      {work.chapterRing && (
        <Rows
          title="Chapter ring"
          work={work.chapterRing}
          toRow={chapterRingRow}
          taker={taker('chapter-ring')}
        />
      )}
      <WorkError text={error} />
    </Box>
  )
}

interface Row {
  readonly id: number
  readonly title: string
  readonly where: string
  readonly reasons: readonly string[]
  readonly failures: readonly string[]
}

/** A part by its sizes, where it lies, and what was found of it. */
function rowOf(
  { id, code, drawer, quantity }: StockLine,
  title: string,
  { reasons, failures }: Pick<Row, 'reasons' | 'failures'>,
): Row {
  return { id, title: title.trim(), where: `${code} ${drawer}·${quantity}`, reasons, failures }
}

/** “37.9 / 30.6 × 0.8”: outside, inside, and how thick. */
function ringSizes(outerMm: number, innerMm: number, thickMm?: number): string {
  const thick = thickMm === undefined ? '' : ` × ${formatMm(thickMm, 0.1)}`
  return `${formatMm(outerMm, 0.1)} / ${formatMm(innerMm, 0.1)}${thick}`
}

function insertRow(found: InsertAssessment): Row {
  const { outerMm, innerMm, thicknessMm, form, material, colour } = found.insert
  return rowOf(
    found.insert,
    `${ringSizes(outerMm, innerMm, thicknessMm)} ${form} ${material} ${colour}`,
    found,
  )
}

function bezelRow(found: BezelAssessment): Row {
  const { outerMm, innerMm, boreMm, material, bezelKind } = found.bezel
  const bore = boreMm === null ? '' : `, bore ${formatMm(boreMm)}`
  return rowOf(
    found.bezel,
    `${ringSizes(outerMm, innerMm)}${bore} ${material}, ${bezelKind.replaceAll('-', ' ')}`,
    found,
  )
}

function chapterRingRow(found: ChapterRingAssessment): Row {
  const { outerMm, innerMm, heightMm, form, material, colour } = found.ring
  return rowOf(found.ring, `${ringSizes(outerMm, innerMm, heightMm)} ${form} ${material} ${colour}`, found)
}

function CutRingNote({ ring }: { ring: CutRing | null }) {
  if (!ring) return null
  return (
    <Typography sx={{ fontSize: 14, mt: 0.5 }}>
      Pre-cut ring: at least {formatMm(ring.leastInnerMm, 0.1)} inside, at most{' '}
      {formatMm(ring.mostOuterMm, 0.1)} outside, {formatMm(ring.widthMm, 0.1)} wide, so that it stays hidden.
    </Typography>
  )
}

interface RowsProps<A> {
  readonly title: string
  readonly work: Chosen<A> & { readonly missing?: DimensionId | null }
  readonly toRow: (found: A) => Row
  readonly taker: (id: number) => Taker
}

/** What fits, each with its reasons and a way to take it out; below it what does not, and why. */
function Rows<A>({ title, work, toRow, taker }: RowsProps<A>) {
  const { missing = null } = work
  return (
    <>
      <Typography variant="h2" component="h2">
        {title}
      </Typography>
      {missing && (
        <Typography sx={{ fontSize: 14.5 }}>
          No {title.toLowerCase()} can be judged yet: measure the {DIMENSIONS[missing].label.toLowerCase()}.
        </Typography>
      )}
      {!missing && work.fitting.length === 0 && (
        <Typography sx={{ color: 'warning.main', fontWeight: 700 }}>Nothing in the drawers fits.</Typography>
      )}
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, fontSize: 14.5 }}>
        {work.fitting
          .slice(0, SHOWN)
          .map(toRow)
          .map((row) => (
            <TakeOutRow key={row.id} title={row.title} where={row.where} taker={taker(row.id)}>
              {row.reasons.join(' ')}
            </TakeOutRow>
          ))}
        {work.rejected
          .slice(0, SHOWN_REJECTED)
          .map(toRow)
          .map((row) => (
            <TakeOutRow key={row.id} title={row.title} where={row.where} taker={null}>
              <Box component="span" sx={{ color: 'error.main' }}>
                × {row.failures.join('; ')}
              </Box>
            </TakeOutRow>
          ))}
      </Box>
    </>
  )
}
