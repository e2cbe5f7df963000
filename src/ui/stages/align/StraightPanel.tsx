'use client'
import Box from '@mui/material/Box'
import ButtonBase from '@mui/material/ButtonBase'
import Typography from '@mui/material/Typography'
import { degreesText } from '@/core/straight/degreesText'
import { wayText } from '@/core/straight/judgeStraight'
import { PAIR_WORDS } from '@/core/straight/pairs'
import { standsHow, standsStraight } from '@/core/straight/standingPairs'
import { formatMm } from '@/core/units/formatMm'
import type { PairView } from '@/services/tray/straightView'
import type { TrayBenchState } from '../../tray/useTrayBench'
import { VerdictLine } from '../../small/VerdictLine'
import { NotYet } from '../shared/NotYet'
import { DoneAndLook } from './DoneAndLook'
import { RemedyList } from './RemedyList'
import type { StraightForm } from './useStraightForm'

/** Does it stand straight, and what would help: every pair of this case, and all that could be done about one of them. */
export function StraightPanel({ bench }: { readonly bench: TrayBenchState }) {
  const { straight } = bench.state.view
  const form = bench.straight
  const { shown } = form
  if (straight.pairs.length === 0) return null
  return (
    <Box
      component="section"
      aria-label="Straight"
      sx={{ mb: 1.5, pb: 1, borderBottom: 1, borderColor: 'divider' }}
    >
      <Box role="group" aria-label="What is looked at" sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}>
        {straight.pairs.map((one) => (
          <PairTab
            key={one.pair}
            view={one}
            isShown={one.pair === shown?.pair}
            onShow={() => form.choosePair(one.pair)}
          />
        ))}
      </Box>
      {straight.dial && (
        <Typography role="alert" sx={{ color: 'warning.main', mt: 1 }}>
          <strong>The dial itself may be turned</strong>, {degreesText(Math.abs(straight.dial.value))} ±
          {degreesText(2 * straight.dial.standardUncertainty)} {wayText(straight.dial.value)}: all that is set
          to it is off by the same. Look at its feet and at the movement in the case before a ring is touched.
        </Typography>
      )}
      {shown && <ShownPair view={shown} form={form} />}
    </Box>
  )
}

interface ShownPairProps {
  readonly view: PairView
  readonly form: StraightForm
}

/** How one pair stands by its last look, and what would help. */
function ShownPair({ view: { standing, hours, notYet }, form }: ShownPairProps) {
  // Nothing is done on a reading that is not sure, or of how it stood before.
  const counts = standing !== null && standing.last.fit.doubt === null && standing.movedSince === null
  return (
    <>
      <VerdictLine
        isGood={standing && standsStraight(standing)}
        words={standing ? standsHow(standing) : 'not looked at'}
      />
      {notYet !== null && form.inHand && <NotYet words={notYet} />}
      {standing ? (
        <>
          <Typography variant="body2" sx={{ color: 'text.secondary' }}>
            At most <span className="figure">{formatMm(standing.last.judgement.worstMm)}</span> at a tick;{' '}
            {standing.last.limitMm === null ? 'an eye lets pass' : 'the owner lets pass'}{' '}
            <span className="figure">{formatMm(standing.last.judgement.limitMm)}</span>.{' '}
            {roundsText(standing.looks)}
          </Typography>
          {counts && (
            <RemedyList
              remedies={standing.remedies}
              chosen={form.remedy?.id ?? null}
              onChoose={form.chooseRemedy}
            />
          )}
          {form.inHand && notYet === null && <DoneAndLook form={form} counts={counts} />}
        </>
      ) : (
        <Typography variant="body2" sx={{ color: 'text.secondary' }}>
          {form.inHand && notYet === null
            ? `Type on the drawing how far ${hours.length === 1 ? 'it is off its mark' : 'the ticks are off: four places tell a turn from a shift'}.`
            : 'Nobody read it.'}
        </Typography>
      )}
    </>
  )
}

interface PairTabProps {
  readonly view: PairView
  readonly isShown: boolean
  readonly onShow: () => void
}

function PairTab({ view: { pair, standing }, isShown, onShow }: PairTabProps) {
  const state = !standing ? '' : standsStraight(standing) ? '✓ ' : '! '
  return (
    <ButtonBase
      aria-pressed={isShown}
      onClick={onShow}
      sx={{
        minHeight: 40,
        px: 1.25,
        font: 'inherit',
        fontSize: 14.5,
        border: 1,
        borderRadius: 1,
        borderColor: isShown ? 'primary.main' : 'divider',
        bgcolor: isShown ? 'var(--mui-palette-paper-chosen)' : undefined,
        fontWeight: isShown ? 700 : 400,
        color: standing && !standsStraight(standing) ? 'warning.main' : 'text.primary',
      }}
    >
      {state}
      {PAIR_WORDS[pair].label}
    </ButtonBase>
  )
}

type Looks = NonNullable<PairView['standing']>['looks']

/** “As found turned 2.46° clockwise; after one click turned 0.54° anticlockwise.” Empty for a first look. */
function roundsText(looks: Looks): string {
  if (looks.length < 2) return ''
  const told = looks.map(
    ({ afterWords, judgement }) =>
      `${afterWords === '' ? 'looked at' : `after “${afterWords}”`} ${judgement.words}`,
  )
  return `${looks.length} looks: ${told.join('; ')}.`
}
