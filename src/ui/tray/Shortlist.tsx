'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import { useState } from 'react'
import type { ConstraintName } from '@/core/fit/assessPair'
import { formatMm } from '@/core/units/formatMm'
import type { ShortlistView, TrayView } from '@/services/trayView'
import { KeyCap } from '../small/KeyCap'
import { PairRow, SHORTLIST_COLUMNS } from './PairRow'
import type { ChosenPair } from './traySession'

export interface ShortlistProps {
  readonly view: TrayView
  readonly chosen: ChosenPair | null
  readonly busy: boolean
  readonly onChoose: (pair: ChosenPair) => void
  readonly onPick: () => void
}

const SHOWN_FITTING = 3
const SHOWN_NEAR = 1

/** Crystal-with-gasket pairs for this case, best first, and what was rejected and why. */
export function Shortlist({ view, chosen, busy, onChoose, onPick }: ShortlistProps) {
  const [whole, setWhole] = useState(false)
  const list = view.shortlist
  if (!list) return <NothingToJudgeBy missing={view.readout.facts.ok ? null : view.readout.facts.missing} />
  const isChosen = (c: { id: number }, g: { id: number }) =>
    c.id === chosen?.crystalId && g.id === chosen.gasketId
  const fitting = whole ? list.fitting : list.fitting.slice(0, SHOWN_FITTING)
  const rejected = whole || fitting.length === 0 ? list.rejected : list.rejected.slice(0, SHOWN_NEAR)
  const rows = [
    ...fitting.map((pair, index) => ({ pair, rank: String(index + 1), failures: [] as string[] })),
    ...rejected.map(({ pair, failures }) => ({ pair, rank: '–', failures: failures.map((f) => f.failure) })),
  ]
  const focusable = rows.some((r) => isChosen(r.pair.crystal, r.pair.gasket)) ? null : 0
  const chosenFitting = list.fitting.find((p) => isChosen(p.crystal, p.gasket))
  const chosenRejected = list.rejected.find(({ pair: p }) => isChosen(p.crystal, p.gasket))
  return (
    <Box
      component="section"
      aria-label="Shortlist"
      sx={{ mt: 1.5, borderTop: 1, borderColor: 'divider', pt: 1 }}
    >
      <Box
        sx={{
          display: 'flex',
          justifyContent: 'space-between',
          alignItems: 'baseline',
          gap: 2,
          flexWrap: 'wrap',
        }}
      >
        <Typography variant="h2" component="h2">
          Crystal with gasket
        </Typography>
        <Button
          variant="text"
          onClick={() => setWhole(!whole)}
          sx={{ minHeight: 32, py: 0, px: 1 }}
          aria-expanded={whole}
        >
          {countText(list)} · {whole ? 'fewer' : 'all, and why not'}
        </Button>
      </Box>
      <Box
        aria-hidden="true"
        sx={{
          display: { xs: 'none', sm: 'grid' },
          gridTemplateColumns: SHORTLIST_COLUMNS,
          columnGap: '6px',
          px: 1,
          color: 'text.secondary',
          fontSize: 13,
        }}
      >
        <span />
        <span />
        {['fit', 'squeeze', 'rim', 'hands', 'drawer'].map((head) => (
          <Box key={head} sx={{ textAlign: 'right' }}>
            {head}
          </Box>
        ))}
      </Box>
      <Box role="radiogroup" aria-label="Pair to draw and pick">
        {rows.map((row, index) => (
          <PairRow
            key={`${row.pair.crystal.id}-${row.pair.gasket.id}`}
            {...row}
            checked={isChosen(row.pair.crystal, row.pair.gasket)}
            focusable={focusable === index}
            lastTime={
              row.pair.crystal.id === view.readout.wishes.lastTime?.crystalId &&
              row.pair.gasket.id === view.readout.wishes.lastTime.gasketId
            }
            onChoose={() => onChoose({ crystalId: row.pair.crystal.id, gasketId: row.pair.gasket.id })}
          />
        ))}
      </Box>
      {whole && <RejectedBy counts={list.rejectedBy} />}
      {list.fittingCount === 0 && <OrderNearest view={view} />}
      {chosenFitting && (
        <Box sx={{ mt: 1 }}>
          <Typography variant="h3" component="h3" sx={{ color: 'text.secondary', fontWeight: 400 }}>
            Why this pair
          </Typography>
          <Box component="ul" sx={{ m: 0, pl: 2.2, fontSize: 14 }}>
            {chosenFitting.reasons.map((reason) => (
              <li key={reason}>{reason}</li>
            ))}
          </Box>
        </Box>
      )}
      {chosenRejected && (
        <Typography sx={{ mt: 1, color: 'error.main', fontSize: 14 }}>
          Against this pair: {chosenRejected.failures.map((f) => f.failure).join('; ')}. It can be picked all
          the same; the record keeps what was known.
        </Typography>
      )}
      {(chosenFitting ?? chosenRejected) && (
        <Box sx={{ position: 'sticky', bottom: -12, bgcolor: 'background.default', pt: 1, pb: 1.5, mt: 0.5 }}>
          <Button
            variant={chosenFitting ? 'contained' : 'outlined'}
            disabled={busy || view.tray.finishedAt !== null}
            onClick={onPick}
          >
            Pick and plan the press <KeyCap name="P" />
          </Button>
        </Box>
      )}
    </Box>
  )
}

function countText({ fittingCount, pairsInStock, rejectedCount }: ShortlistView): string {
  return `${fittingCount} of ${pairsInStock.toLocaleString('en').replaceAll(',', ' ')} pairs fit, ${rejectedCount} near`
}

const REASON_WORDS: Readonly<Record<ConstraintName, string>> = {
  interference: 'too loose or too tight',
  rim: 'rim too proud or sunk',
  hands: 'too near the hands',
  'gasket-bore': 'gasket off the bore',
  'gasket-height': 'gasket too high or too low',
  stock: 'drawer empty',
}

/** How many near pairs fell to what. */
function RejectedBy({ counts }: { counts: ShortlistView['rejectedBy'] }) {
  const parts = (Object.keys(REASON_WORDS) as ConstraintName[]).flatMap((name) => {
    const count = counts[name]
    return count ? [`${REASON_WORDS[name]} ${count}`] : []
  })
  return (
    <Typography variant="body2" sx={{ mt: 0.75, color: 'text.secondary' }}>
      Near pairs rejected for: {parts.join(', ')}. The nearest are listed.
    </Typography>
  )
}

function NothingToJudgeBy({ missing }: { missing: 'bore' | 'seat-depth' | null }) {
  const what = missing === 'seat-depth' ? 'seat depth' : 'bore, or the old crystal with its ring'
  return (
    <Typography sx={{ mt: 2, pt: 1.5, borderTop: 1, borderColor: 'divider' }}>
      No pair can be judged yet: measure the {what}. The case sheet does not know it either.
    </Typography>
  )
}

function OrderNearest({ view }: { view: TrayView }) {
  const empty = view.shortlist?.pairsInStock === 0
  return (
    <Box sx={{ mt: 1 }}>
      <Typography sx={{ fontWeight: 700, color: 'warning.main' }}>
        {empty ? 'The drawers are empty.' : 'Nothing in the drawers fits.'} Nearest to order:
      </Typography>
      <Box component="ul" className="figure" sx={{ m: 0, pl: 2.5, fontSize: 14 }}>
        {view.orders.map((o) => (
          <li key={o.gasketWallMm}>
            {formatMm(o.crystalDiameterMm, 0.1)} × {formatMm(o.crystalThicknessMm, 0.1)} with{' '}
            {o.gasketMaterial} {formatMm(o.gasketOuterDiameterMm, 0.1)}/{formatMm(o.gasketWallMm)}, fit{' '}
            {o.fitProbability.toFixed(2)}
          </li>
        ))}
      </Box>
    </Box>
  )
}
