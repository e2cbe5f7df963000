'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import { useState } from 'react'
import { isLastTime } from '@/core/fit/pairKey'
import type { JudgedPair } from '@/core/tray/judgePair'
import type { ShortlistView } from '@/services/tray/shortlistView'
import type { TrayView } from '@/services/tray/trayView'
import { InlineStateMark } from '../../small/StateMark'
import { KeyCap } from '../../small/KeyCap'
import { PairRow, SHORTLIST_COLUMNS } from './PairRow'
import { BezelSetNote, NewBezelNote } from './BezelSetNote'
import { BezelRingChoice, NothingToJudgeBy, OrderNearest, RejectedBy } from './ShortlistNotes'
import type { ChosenPair } from '../../tray/chosenPair'
import { chosenOf, isPair } from '../../tray/chosenPair'

export interface ShortlistProps {
  readonly view: TrayView
  readonly chosen: ChosenPair | null
  /** a choice from elsewhere than the list: stands behind it while it is chosen */
  readonly other: JudgedPair | null
  /** second ring of a removable bezel that goes with the pick */
  readonly bezelRingId: number | null
  readonly busy: boolean
  readonly onChoose: (pair: ChosenPair) => void
  readonly onChooseBezelRing: (id: number) => void
  readonly onPick: () => void
}

const SHOWN_FITTING = 3
const SHOWN_NEAR = 1

/** What of the drawers fits this case, best first, and what was rejected and why. */
export function Shortlist(props: ShortlistProps) {
  const { view, chosen, other, bezelRingId, busy, onChoose, onChooseBezelRing, onPick } = props
  const [whole, setWhole] = useState(false)
  const list = view.shortlist
  if (!list) return <NothingToJudgeBy missing={view.readout.seat.ok ? null : view.readout.seat.missing} />
  const nothingFits = list.fitting.length === 0
  // What is chosen is in sight, however far down it stands.
  const fitting = list.fitting
    .map((candidate, index) => ({ candidate, rank: String(index + 1), failures: [] as string[] }))
    .filter(({ candidate }, index) => whole || index < SHOWN_FITTING || isPair(candidate, chosen))
  const rejected = list.rejected.filter(
    ({ candidate }, index) => whole || nothingFits || index < SHOWN_NEAR || isPair(candidate, chosen),
  )
  const listed = [...list.fitting, ...list.rejected.map((r) => r.candidate)]
  const isBeside = other && isPair(other.candidate, chosen) && !listed.some((one) => isPair(one, chosen))
  const beside = isBeside ? other : null
  const rows = [
    ...fitting,
    ...rejected.map(({ candidate, failures }) => ({
      candidate,
      rank: '–',
      failures: failures.map((f) => f.failure),
    })),
    ...(beside
      ? [{ candidate: beside.candidate, rank: '+', failures: beside.failures.map((f) => f.failure) }]
      : []),
  ]
  const focusable = rows.some((row) => isPair(row.candidate, chosen)) ? null : 0
  const chosenFitting = list.fitting.find((candidate) => isPair(candidate, chosen))
  const besideFits = beside?.failures.length === 0 ? beside.candidate : undefined
  const chosenRejected =
    list.rejected.find(({ candidate }) => isPair(candidate, chosen)) ?? (besideFits ? null : beside)
  const why = chosenFitting ?? besideFits
  const chosenCandidate = why ?? chosenRejected?.candidate
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
          {list.words.choice}
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
      <NewBezelNote view={view} />
      {nothingFits && <OrderNearest view={view} />}
      <Box
        aria-hidden="true"
        sx={{
          display: { xs: 'none', sm: rows.length > 0 ? 'grid' : 'none' },
          gridTemplateColumns: SHORTLIST_COLUMNS,
          columnGap: '6px',
          px: 1,
          color: 'text.secondary',
          fontSize: 13,
        }}
      >
        <span />
        <span />
        {(
          [
            ['fit', null],
            [list.words.hold, list.restsOn.hold],
            [list.words.stand, list.restsOn.stand],
            ['hands', list.restsOn.hands],
            ['drawer', null],
          ] as const
        ).map(([head, origin]) => (
          <Box key={head} sx={{ textAlign: 'right', whiteSpace: 'nowrap' }}>
            {origin !== null && origin !== 'measured' && <InlineStateMark state={origin} />} {head}
          </Box>
        ))}
      </Box>
      <Box role="radiogroup" aria-label="What to draw and pick">
        {rows.map((row, index) => (
          <PairRow
            key={`${row.candidate.crystal.id}-${row.candidate.gasket?.id ?? 0}`}
            {...row}
            policy={view.policy}
            words={list.words}
            checked={isPair(row.candidate, chosen)}
            focusable={focusable === index}
            lastTime={isLastTime(row.candidate, view.readout.wishes)}
            onChoose={() => onChoose(chosenOf(row.candidate))}
          />
        ))}
      </Box>
      {whole && <RejectedBy counts={list.rejectedBy} missed={list.words.missed} />}
      {!list.fromDrawers && !nothingFits && <OrderNearest view={view} />}
      <BezelRingChoice view={view} chosenId={bezelRingId} onChoose={onChooseBezelRing} />
      {chosenCandidate && <BezelSetNote view={view} crystal={chosenCandidate} ringId={bezelRingId} />}
      {why && (
        <Box sx={{ mt: 1 }}>
          <Typography variant="h3" component="h3" sx={{ color: 'text.secondary', fontWeight: 400 }}>
            {why.gasket ? 'Why this pair' : 'Why this one'}
          </Typography>
          <Box component="ul" sx={{ m: 0, pl: 2.2, fontSize: 14 }}>
            {why.reasons.map((reason) => (
              <li key={reason}>{reason}</li>
            ))}
          </Box>
        </Box>
      )}
      {chosenRejected && (
        <Typography sx={{ mt: 1, color: 'error.main', fontSize: 14 }}>
          Against this one: {chosenRejected.failures.map((f) => f.failure).join('; ')}. It can be picked all
          the same; the record keeps what was known.
        </Typography>
      )}
      {chosenCandidate && chosenCandidate.refusal !== null && (
        <Typography role="alert" sx={{ mt: 1, color: 'error.main', fontSize: 14 }}>
          {chosenCandidate.refusal}
        </Typography>
      )}
      {chosenCandidate && (
        <Box sx={{ position: 'sticky', bottom: -12, bgcolor: 'background.default', pt: 1, pb: 1.5, mt: 0.5 }}>
          <Button
            variant={why ? 'contained' : 'outlined'}
            disabled={busy || view.tray.finishedAt !== null || chosenCandidate.refusal !== null}
            onClick={onPick}
          >
            {list.pressed ? 'Pick and plan the press' : 'Pick and plan the fitting'} <KeyCap name="P" />
          </Button>
        </Box>
      )}
    </Box>
  )
}

function countText({
  fittingCount,
  choicesInStock,
  rejectedCount,
  fitting,
  rejected,
}: ShortlistView): string {
  const ringed = [...fitting, ...rejected.map((r) => r.candidate)].some(({ gasket }) => gasket !== null)
  const what = ringed ? 'pairs' : 'choices'
  return `${fittingCount} of ${choicesInStock.toLocaleString('en').replaceAll(',', ' ')} ${what} fit, ${rejectedCount} near`
}
