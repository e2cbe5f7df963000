'use client'
import Box from '@mui/material/Box'
import Typography from '@mui/material/Typography'
import { useState } from 'react'
import type { BezelAssessment } from '@/core/bezel/assessBezel'
import type { InsertAssessment } from '@/core/bezel/assessInsert'
import { DIMENSIONS } from '@/core/readings/dimensions'
import { formatMm } from '@/core/units/formatMm'
import type { InsertWork } from '@/services/bezelWork'
import { WorkError } from '../stage-work/WorkError'
import type { StageWorkProps } from './StageWorkProps'
import { TakeOutRow } from './TakeOutRow'

const SHOWN = 3
const SHOWN_REJECTED = 2

/** Inserts and bezels of the drawers for this case, where they were asked for. */
export function BezelPartsPanel({ bench, actions }: StageWorkProps) {
  const [error, setError] = useState<string | null>(null)
  const { view } = bench.state
  const work = view.bezelWork
  if (!work) return null
  const open = view.tray.finishedAt === null
  const taker = (kind: 'insert' | 'bezel', partId: number) =>
    open
      ? () => void bench.change(actions.takeOut({ trayId: view.tray.id, kind, partId })).then(setError)
      : null
  return (
    <Box component="section" aria-label="Bezel and insert">
      {work.insert && <Inserts work={work.insert} taker={(id) => taker('insert', id)} />}
      {work.bezel && (
        <>
          <Typography variant="h2" component="h2" sx={{ mt: work.insert ? 1.5 : 0 }}>
            Bezel
          </Typography>
          <Rows
            fitting={work.bezel.fitting.map((found) => bezelRow(found))}
            rejected={work.bezel.rejected.map((found) => bezelRow(found))}
            taker={(id) => taker('bezel', id)}
          />
        </>
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

function insertRow({ insert, reasons, failures }: InsertAssessment): Row {
  const { id, code, drawer, quantity, outerMm, innerMm, thicknessMm, form, material, colour } = insert
  return {
    id,
    title:
      `${formatMm(outerMm, 0.1)} / ${formatMm(innerMm, 0.1)} × ${formatMm(thicknessMm, 0.1)} ${form} ${material} ${colour}`.trim(),
    where: `${code} ${drawer}·${quantity}`,
    reasons,
    failures,
  }
}

function bezelRow({ bezel, reasons, failures }: BezelAssessment): Row {
  const { id, code, drawer, quantity, outerMm, innerMm, material, bezelKind } = bezel
  return {
    id,
    title: `${formatMm(outerMm, 0.1)} / ${formatMm(innerMm, 0.1)} ${material}, ${bezelKind.replaceAll('-', ' ')}`,
    where: `${code} ${drawer}·${quantity}`,
    reasons,
    failures,
  }
}

function Inserts({ work, taker }: { work: InsertWork; taker: (id: number) => (() => void) | null }) {
  const { cutRing, missing, fitting, rejected } = work
  return (
    <>
      <Typography variant="h2" component="h2">
        Insert
      </Typography>
      {missing ? (
        <Typography sx={{ fontSize: 14.5 }}>
          No insert can be judged yet: measure the {DIMENSIONS[missing].label.toLowerCase()}.
        </Typography>
      ) : (
        <Rows fitting={fitting.map(insertRow)} rejected={rejected.map(insertRow)} taker={taker} />
      )}
      {cutRing && (
        <Typography sx={{ fontSize: 14, mt: 0.5 }}>
          Pre-cut ring: at least {formatMm(cutRing.leastInnerMm, 0.1)} inside, at most{' '}
          {formatMm(cutRing.mostOuterMm, 0.1)} outside, {formatMm(cutRing.widthMm, 0.1)} wide, so that it
          stays hidden.
        </Typography>
      )}
    </>
  )
}

interface RowsProps {
  readonly fitting: readonly Row[]
  readonly rejected: readonly Row[]
  readonly taker: (id: number) => (() => void) | null
}

function Rows({ fitting, rejected, taker }: RowsProps) {
  return (
    <>
      {fitting.length === 0 && (
        <Typography sx={{ color: 'warning.main', fontWeight: 700 }}>Nothing in the drawers fits.</Typography>
      )}
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, fontSize: 14.5 }}>
        {fitting.slice(0, SHOWN).map((row) => (
          <TakeOutRow key={row.id} title={row.title} where={row.where} onTake={taker(row.id)}>
            {row.reasons.join(' ')}
          </TakeOutRow>
        ))}
        {rejected.slice(0, SHOWN_REJECTED).map((row) => (
          <TakeOutRow key={row.id} title={row.title} where={row.where} onTake={null}>
            <Box component="span" sx={{ color: 'error.main' }}>
              × {row.failures.join('; ')}
            </Box>
          </TakeOutRow>
        ))}
      </Box>
    </>
  )
}
