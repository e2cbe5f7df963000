import { styled } from '@mui/material/styles'
import type { PairAssessment } from '@/core/fit/assessPair'
import { formatMm, formatSignedMm } from '@/core/units/formatMm'

/** rank, pair, fit, squeeze, rim, hands, drawer */
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
  '& .soft': { color: theme.vars.palette.text.secondary, fontSize: 13 },
  '& .rank': { color: theme.vars.palette.primary.main, fontWeight: 700, fontSize: 17 },
  [theme.breakpoints.down('sm')]: {
    gridTemplateColumns: '22px 1fr 1fr 1fr 1fr',
    '& .pair': { gridColumn: '2 / -1' },
    '& .fit': { gridColumn: 2 },
    '& .drawer': { gridColumn: '2 / -1', textAlign: 'left' },
  },
}))

export interface PairRowProps {
  readonly pair: PairAssessment
  readonly rank: string
  /** what speaks against it; empty for a fitting pair */
  readonly failures: readonly string[]
  readonly checked: boolean
  readonly focusable: boolean
  readonly lastTime: boolean
  readonly onChoose: () => void
}

/** One pair of the shortlist: choosing it draws it in the section. */
export function PairRow({ pair, rank, failures, checked, focusable, lastTime, onChoose }: PairRowProps) {
  const { crystal, gasket, standing } = pair
  const rejected = failures.length > 0
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
        <strong>
          {formatMm(crystal.diameterMm, 0.1)} × {formatMm(crystal.edgeThicknessMm, 0.1)}{' '}
          {words(crystal.profile)} {words(crystal.material)}
        </strong>
        <br />
        <span className="soft">
          {gasket.material} {formatMm(gasket.outerDiameterMm, 0.1)}/{formatMm(gasket.wallMm)} {gasket.colour}
          {gasket.section === 'L' && ', footed'}
          {lastTime && <strong>, as last time</strong>}
        </span>
      </span>
      <Number label="fit" value={pair.fitProbability.toFixed(2)} name="fit" />
      <Number label="squeeze" value={`${(pair.squeeze * 100).toFixed(0)} %`} name="squeeze" />
      <Number label="rim" value={formatSignedMm(standing.rimMm)} name="rim" />
      <Number
        label="hands"
        value={standing.handClearanceMm === null ? '?' : formatMm(standing.handClearanceMm)}
        name="hands"
      />
      <Number label="drawer" value={`${crystal.drawer}·${crystal.quantity}`} name="drawer" />
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

function words(code: string): string {
  return code.replaceAll('-', ' ')
}
