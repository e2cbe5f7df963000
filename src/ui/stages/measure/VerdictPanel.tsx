import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import type { DimensionId } from '@/core/readings/dimensions'
import { listedDimensions } from '@/core/readings/listedDimensions'
import { saysTheSize } from '@/core/readings/saysTheSize'
import { formatMm, formatPercent } from '@/core/units/formatMm'
import type { NextMeasurements, RankedMeasurement } from '@/core/verdict/askNext'
import type { OddEvidence } from '@/core/verdict/evidenceConflicts'
import type { SizeHistory } from '@/core/verdict/SizeEvidence'
import type { SizeVerdict } from '@/core/verdict/sizeVerdict'
import { minutesText } from '@/core/units/minutesText'
import { VerdictChart } from './VerdictChart'

export interface VerdictPanelProps {
  readonly verdict: SizeVerdict | null
  /** readings that stand on this tray: without any, the verdict rests on the past alone */
  readonly readingCount: number
  readonly fittedBefore: number
  /** what to measure next; null while nothing is known */
  readonly next: NextMeasurements | null
  /** of the plan, what nobody has read yet */
  readonly unread: readonly DimensionId[]
  readonly conflicts: readonly OddEvidence[]
  /** what of the evidence nobody measured here, as “Ring wall from the case sheet”; null where all was */
  readonly unmeasured: string | null
  /** sizes fitted before and whether they weigh in; null where the past says nothing */
  readonly past: PastWeight | null
}

export interface PastWeight {
  readonly counts: boolean
  readonly fittings: readonly SizeHistory[]
  /** the verdict the other way round: without the past, or with it where it is left out */
  readonly other: SizeVerdict | null
  /** null where nothing may be changed any more */
  readonly onWeigh: ((counts: boolean) => void) | null
}

/** Which stock size it is, how sure, and what else it could be. */
export function VerdictPanel(props: VerdictPanelProps) {
  const { verdict, readingCount, fittedBefore, next, unread, conflicts, past, unmeasured } = props
  if (!verdict) {
    return (
      <Box component="section" aria-label="Size verdict">
        <Typography variant="body2" sx={{ color: 'text.secondary' }}>
          Size verdict
        </Typography>
        <Typography sx={{ fontSize: '1.4rem', fontWeight: 700 }}>
          {readingCount === 0 ? 'Nothing measured yet' : 'No size yet'}
        </Typography>
        <Typography sx={{ color: 'text.secondary' }}>
          {readingCount === 0
            ? 'No reading, and this case was never done here. Take the readings the bar asks for.'
            : 'What was read so far says nothing of the old crystal’s size, and this case was never done here. Take the next readings the bar asks for.'}
        </Typography>
      </Box>
    )
  }
  const { pick } = verdict
  const others = verdict.candidates
    .filter((c) => c !== pick && c.probability >= 0.005)
    .sort((a, b) => b.probability - a.probability)
    .slice(0, 2)
  return (
    <Box component="section" aria-label="Size verdict">
      <Box sx={{ display: 'flex', gap: 2.5, alignItems: 'flex-end', flexWrap: { xs: 'wrap', sm: 'nowrap' } }}>
        <Box>
          <Typography variant="body2" sx={{ color: 'text.secondary' }}>
            Size verdict
          </Typography>
          <Box
            className="figure"
            data-testid="verdict-size"
            sx={{ fontSize: { xs: 52, lg: 60 }, fontWeight: 700, lineHeight: 1 }}
          >
            {formatMm(pick.sizeMm, 0.1)}
          </Box>
        </Box>
        <Box className="figure" sx={{ pb: 0.5, minWidth: 96 }}>
          <Box data-testid="verdict-probability" sx={{ fontSize: 24 }}>
            {formatPercent(pick.probability)}
          </Box>
          {others.map((c) => (
            <Box key={c.sizeMm} sx={{ fontSize: 15, color: 'text.secondary' }}>
              {formatMm(c.sizeMm, 0.1)} {formatPercent(c.probability)}
            </Box>
          ))}
        </Box>
        <Box sx={{ flex: '1 1 120px', minWidth: 120, maxWidth: 260, ml: 'auto' }}>
          <VerdictChart verdict={verdict} />
        </Box>
      </Box>
      <Typography variant="body2" sx={{ mt: 0.5 }}>
        {sentence(verdict, readingCount, fittedBefore)}
        {unmeasured !== null && ` ${unmeasured}.`}
      </Typography>
      {past && <PastLine past={past} pick={pick.sizeMm} />}
      {conflicts.map((odd) => (
        <Typography
          key={odd.index}
          variant="body2"
          sx={{ mt: 0.25, color: 'error.main' }}
          data-testid="odd-evidence"
        >
          {ODD_WORDS[odd.kind]} points to {formatMm(odd.sizeMm)}, the rest to {formatMm(odd.othersMm)}:{' '}
          {odd.standardDeviations.toFixed(1)} standard deviations apart. Likely {odd.likely}.
        </Typography>
      ))}
      {next && <AskNext next={next} verdict={verdict} unread={unread} />}
    </Box>
  )
}

/** How much the past weighs, what it changes, and the switch. */
function PastLine({ past, pick }: { past: PastWeight; pick: number }) {
  const { counts, fittings, other, onWeigh } = past
  const here = fittings.find((f) => Math.abs(f.sizeMm - pick) < 1e-6)?.count ?? 0
  const all = fittings.reduce((sum, { count }) => sum + count, 0)
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap', fontSize: 14.5 }}>
      <span data-testid="past-weight">
        {counts
          ? `${formatMm(pick, 0.1)} served ${here} of ${all} done here before.`
          : 'The past is left out.'}
        {other &&
          ` ${counts ? 'Without' : 'With'} it: ${formatMm(other.pick.sizeMm, 0.1)} with ${formatPercent(other.pick.probability)}.`}
      </span>
      {onWeigh && (
        <Button
          size="small"
          aria-pressed={!counts}
          onClick={() => onWeigh(!counts)}
          sx={{ px: 0.5, py: 0, minHeight: 28 }}
        >
          {counts ? 'Leave the past out' : 'Let the past weigh in'}
        </Button>
      )}
    </Box>
  )
}

const ODD_WORDS: Readonly<Record<OddEvidence['kind'], string>> = {
  crystal: 'The old crystal',
  fragment: 'The piece of its rim',
  'visible-top': 'The visible top',
  'gasket-imprint': 'The imprint',
  'bore-and-gasket': 'Bore less two walls',
  'opening-with-gasket': 'The opening in the ring',
  seat: 'The seat',
}

/** Enough and for what, the measurement that would settle most per minute, or another way out of the doubt. */
function AskNext({
  next,
  verdict,
  unread,
}: {
  next: NextMeasurements
  verdict: SizeVerdict
  unread: readonly DimensionId[]
}) {
  const [best] = next.ranked
  if (next.answer === 'measure' && best) {
    return (
      <Typography variant="body2" sx={{ mt: 0.25 }} data-testid="ask-next">
        <strong>Ask next:</strong> {lower(best.label)}, about{' '}
        {minutesText(Math.max(1, Math.round(best.minutes)))}; it changes the pick{' '}
        {formatPercent(best.chanceOfChange)} of the time and takes {share(best, next)} of the doubt away.
      </Typography>
    )
  }
  if (next.answer === 'enough') {
    return (
      <Typography variant="body2" sx={{ mt: 0.25, color: 'success.main' }} data-testid="ask-next">
        Enough for the size: nothing else to measure here would change it.
        {unread.length > 0 && ` How it fits still asks for ${listedDimensions(unread)}.`}
      </Typography>
    )
  }
  // Two that tell only together, as a neck and its bezel, are each worth nothing alone.
  const together = unread.filter(saysTheSize)
  if (together.length > 0) {
    return (
      <Typography variant="body2" sx={{ mt: 0.25, color: 'warning.main' }} data-testid="ask-next">
        No reading alone would settle it: read {listedDimensions(together)} before anything is ordered.
      </Typography>
    )
  }
  const [second] = verdict.candidates
    .filter((c) => c !== verdict.pick)
    .sort((a, b) => b.probability - a.probability)
  return (
    <Typography variant="body2" sx={{ mt: 0.25, color: 'warning.main' }} data-testid="ask-next">
      Nothing left to measure here would settle it: order {formatMm(verdict.pick.sizeMm, 0.1)} and{' '}
      {second ? formatMm(second.sizeMm, 0.1) : 'its neighbour'} both, or try one in the case before the other
      is ordered.
    </Typography>
  )
}

function share(best: RankedMeasurement, { entropy }: NextMeasurements): string {
  return formatPercent(entropy > 0 ? best.entropyCut / entropy : 0)
}

function lower(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1)
}

function sentence(verdict: SizeVerdict, readingCount: number, fittedBefore: number): string {
  const past =
    fittedBefore > 0
      ? `fitted ${fittedBefore === 1 ? 'once' : `${fittedBefore} times`} before on this sheet`
      : 'never fitted here before'
  if (readingCount === 0) return `From the past alone: ${past}. Measure before you trust it.`
  const { conflict, fromCrystal, fromCase } = verdict
  if (conflict) {
    return `The old crystal (${formatMm(conflict.crystalMm)}) was hardly the size its case asks for (${formatMm(conflict.caseMm)}): with ${formatPercent(conflict.chance)} it was another. Measure both again before ordering; ${past}.`
  }
  if (fromCrystal && fromCase)
    return `Crystal (${formatMm(fromCrystal.valueMm)}) and case (${formatMm(fromCase.valueMm)}) agree; ${past}.`
  if (fromCrystal)
    return `From the old crystal alone (${formatMm(fromCrystal.valueMm)}): the case would confirm it; ${past}.`
  if (fromCase) return `From the case alone (asks for ${formatMm(fromCase.valueMm)}); ${past}.`
  return `Readings so far say nothing of the size; ${past}.`
}
