import { styled } from '@mui/material/styles'
import type { Candidate } from '@/core/fit/Candidate'
import { isOwn, whereText } from '@/core/own-parts/OwnPart'
import type { FitPolicy } from '@/core/fit/fitPolicy'
import type { ConstructionWords } from '@/core/construction/Construction'
import { standFigure } from '@/core/fit/standFigure'
import type { CandidateView } from '@/services/tray/shortlistView'
import { formatMm } from '@/core/units/formatMm'
import { crystalWords } from '@/core/own-parts/crystalWords'

/** rank, parts, fit, what holds it, rim, hands, drawer */
export const SHORTLIST_COLUMNS = '20px minmax(110px,1fr) 40px 58px 52px 44px 72px'

const Row = styled('div')(({ theme }) => ({
  display: 'grid',
  gridTemplateColumns: SHORTLIST_COLUMNS,
  columnGap: 6,
  alignItems: 'center',
  minHeight: 46,
  padding: '3px 8px',
  borderBottom: `1px solid ${theme.vars.palette.divider}`,
  cursor: 'pointer',
  '&[aria-checked="true"]': {
    backgroundColor: theme.vars.palette.paper.chosen,
    boxShadow: `inset 4px 0 0 ${theme.vars.palette.primary.main}`,
  },
  '& .number': { textAlign: 'right', fontSize: 14.5, whiteSpace: 'nowrap', letterSpacing: '-0.02em' },
  '& .why': { color: theme.vars.palette.error.main, fontSize: 13, gridColumn: '2 / -1' },
  '& .warn': { color: theme.vars.palette.warning.main, fontWeight: 700 },
  '& .soft': { color: theme.vars.palette.text.secondary, fontSize: 13 },
  '& .rank': { color: theme.vars.palette.primary.main, fontWeight: 700, fontSize: 17 },
  [theme.breakpoints.down('sm')]: {
    gridTemplateColumns: '22px 1fr 1fr 1fr 1fr',
    '& .pair': { gridColumn: '2 / -1' },
    '& .number': { textAlign: 'left' },
    // The heads of the columns are not there on a phone: every figure bears its own.
    '& .number::before': {
      content: 'attr(title)',
      display: 'block',
      fontFamily: theme.typography.fontFamily,
      fontSize: 12,
      fontWeight: 400,
      letterSpacing: 0,
      color: theme.vars.palette.text.secondary,
    },
    '& .fit': { gridColumn: 2 },
    '& .drawer': { gridColumn: '2 / -1' },
    '& .drawer::before': { display: 'inline', content: 'attr(title) " "' },
  },
}))

export interface PairRowProps {
  readonly candidate: CandidateView
  readonly policy: FitPolicy
  /** how this construction is spoken of */
  readonly words: ConstructionWords
  readonly rank: string
  /** what speaks against it; empty for a fitting one */
  readonly failures: readonly string[]
  readonly checked: boolean
  readonly focusable: boolean
  readonly lastTime: boolean
  readonly onChoose: () => void
}

/** One line of the shortlist: choosing it draws it in the section. */
export function PairRow(props: PairRowProps) {
  const { candidate, policy, words, rank, failures, checked, focusable, lastTime, onChoose } = props
  const { crystal, standing, warning } = candidate
  const rejected = failures.length > 0
  const { hold } = candidate
  const stand = standFigure(candidate, words, policy)
  return (
    <Row
      role="radio"
      aria-checked={checked}
      tabIndex={checked || focusable ? 0 : -1}
      data-testid="pair-row"
      onClick={onChoose}
      onKeyDown={(event) => {
        if (event.key !== ' ') return
        event.preventDefault()
        onChoose()
      }}
    >
      <span className="rank figure">{rejected ? '×' : rank}</span>
      <span className="pair">
        <strong>{crystalWords(candidate.crystal)}</strong>
        <br />
        <span className="soft">
          {ringWords(candidate)}
          {warning !== null && <span className="warn">, {warning}</span>}
          {lastTime && <strong>, as last time</strong>}
        </span>
      </span>
      <Number label="fit" value={candidate.fitProbability.toFixed(2)} name="fit" />
      <Number label={hold.title.toLowerCase()} value={hold.value} name="squeeze" />
      <Number label={words.stand} value={stand?.value ?? '–'} name="rim" />
      <Number
        label="hands"
        value={standing.handClearanceMm === null ? '?' : formatMm(standing.handClearanceMm)}
        name="hands"
      />
      <Number label="drawer" value={whereText(crystal)} name="drawer" />
      {rejected && <span className="why">{failures.join('; ')}</span>}
    </Row>
  )
}

function Number({ label, value, name }: { label: string; value: string; name: string }) {
  return (
    <span className={`number figure ${name}`} title={label}>
      {value}
    </span>
  )
}

/** What goes with the crystal, or else what is worth telling of it. */
function ringWords({ crystal, gasket }: Candidate): string {
  const extras = [
    crystal.magnifier !== 'none' && `magnifier ${crystal.magnifier}`,
    crystal.arCoating !== 'none' && `AR ${spelled(crystal.arCoating)}`,
  ].filter((word) => word !== false)
  const ring =
    gasket &&
    `${isOwn(gasket) ? 'its own ' : ''}${gasket.material} ${formatMm(gasket.outerDiameterMm, 0.1)}/${formatMm(gasket.wallMm)} ${gasket.colour}${gasket.section === 'L' ? ', footed' : ''}`
  const own = {
    disc: null,
    cup: crystal.skirtInnerMm === null ? 'cup' : `cup, skirt inside ${formatMm(crystal.skirtInnerMm)}`,
    snap: `${formatMm(crystal.undersideRiseMm + crystal.centreThicknessMm, 0.1)} high in all`,
    'tension-ring':
      crystal.ringHeightMm === null ? 'metal ring' : `metal ring ${formatMm(crystal.ringHeightMm, 0.1)} high`,
    shaped:
      crystal.cornerRadiusMm === null ? 'shaped' : `corners of ${formatMm(crystal.cornerRadiusMm, 0.1)}`,
  }[crystal.build]
  return [ring, own, ...extras].filter(Boolean).join(', ') || crystal.code
}

function spelled(code: string): string {
  return code.replaceAll('-', ' ')
}
