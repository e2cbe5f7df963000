import Box from '@mui/material/Box'
import ButtonBase from '@mui/material/ButtonBase'
import { degreesText } from '@/core/straight/degreesText'
import type { RankedRemedy } from '@/core/straight/remedies/remediesFor'
import type { Undo } from '@/core/straight/remedies/Remedy'
import { formatMm } from '@/core/units/formatMm'
import { minutesText } from '@/core/units/minutesText'

const UNDO_WORDS: Readonly<Record<Undo, string>> = {
  yes: 'yes',
  'by-work': 'by work',
  never: 'never',
}
const COLUMNS = '26px minmax(0,1fr) 108px 72px 60px'
/** So many standard uncertainties are told: they hold 95 %. */
const TOLD = 2
/** Above it hundredths say nothing. */
const COARSE_DEG = 0.05

export interface RemedyListProps {
  readonly remedies: readonly RankedRemedy[]
  readonly chosen: string | null
  readonly onChoose: (id: string) => void
}

/** All that could be done, beside each other: what it leaves, how long it takes, whether it can be undone, what it risks. */
export function RemedyList({ remedies, chosen, onChoose }: RemedyListProps) {
  return (
    <Box role="group" aria-label="What would help" sx={{ mt: 1 }}>
      <Box
        aria-hidden
        sx={{
          display: { xs: 'none', sm: 'grid' },
          gridTemplateColumns: COLUMNS,
          columnGap: 1,
          fontSize: 13,
          color: 'text.secondary',
          '& > span': { textAlign: 'right' },
        }}
      >
        <i />
        <i />
        <span>left over</span>
        <span>takes</span>
        <span>undone</span>
      </Box>
      {remedies.map((remedy, i) => (
        <RemedyRow
          key={remedy.id}
          remedy={remedy}
          rank={remedy.serves ? String(i + 1) : ''}
          isChosen={remedy.id === chosen}
          onChoose={() => onChoose(remedy.id)}
        />
      ))}
    </Box>
  )
}

interface RemedyRowProps {
  readonly remedy: RankedRemedy
  /** empty where it does not serve */
  readonly rank: string
  readonly isChosen: boolean
  readonly onChoose: () => void
}

function RemedyRow({ remedy, rank, isChosen, onChoose }: RemedyRowProps) {
  const { title, how, risk, against, left, leftUncertaintyDeg, leftMm, serves } = remedy
  const isRefused = against !== null
  return (
    <ButtonBase
      aria-pressed={isChosen}
      data-testid="remedy"
      onClick={onChoose}
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '26px minmax(0,1fr)', sm: COLUMNS },
        columnGap: 1,
        width: '100%',
        alignItems: 'start',
        textAlign: 'left',
        font: 'inherit',
        borderTop: 1,
        borderColor: 'divider',
        borderLeft: 4,
        borderLeftColor: isChosen ? 'primary.main' : 'transparent',
        bgcolor: isChosen ? 'var(--mui-palette-paper-chosen)' : undefined,
        py: 0.75,
        pl: 0.5,
        color: isRefused ? 'text.secondary' : 'text.primary',
      }}
    >
      <Box
        component="span"
        className="figure"
        sx={{ fontSize: 17, fontWeight: 700, color: serves ? 'primary.main' : 'error.main' }}
      >
        {serves ? rank : isRefused ? '×' : '–'}
      </Box>
      <Box component="span">
        <Box component="span" sx={{ display: 'block', fontSize: 15.5, fontWeight: 700, lineHeight: 1.25 }}>
          {title}
        </Box>
        <Box
          component="span"
          sx={{ display: 'block', fontSize: 13.5, lineHeight: 1.3, color: 'text.secondary' }}
        >
          {against ?? (isChosen ? [how, risk].filter(Boolean).join('. ') : '')}
        </Box>
      </Box>
      {/* Beside each other on a phone, columns of their own elsewhere. */}
      <Box
        component="span"
        sx={{ display: { xs: 'flex', sm: 'contents' }, gridColumn: 2, columnGap: 2, flexWrap: 'wrap' }}
      >
        <Box component="span" className="figure" sx={FIGURE}>
          {degreesText(left.turnedDeg)}
          <Box component="span" sx={{ color: 'text.secondary' }}>
            {' '}
            ±{unsureText(TOLD * leftUncertaintyDeg)}
          </Box>
          <Box
            component="span"
            sx={{
              display: 'block',
              color: isRefused ? 'text.secondary' : serves ? 'success.main' : 'error.main',
            }}
          >
            {formatMm(leftMm)} mm
          </Box>
        </Box>
        <Box component="span" className="figure" sx={FIGURE}>
          <span>{remedy.id === 'leave' ? '' : `${remedy.activeMinutes} min`}</span>
          {remedy.waitMinutes > 0 && (
            <Box component="span" sx={{ display: 'block', color: 'text.secondary' }}>
              + {minutesText(remedy.waitMinutes)}
            </Box>
          )}
        </Box>
        <Box component="span" sx={{ ...FIGURE, color: remedy.undo === 'never' ? 'error.main' : undefined }}>
          {remedy.id === 'leave' ? '' : UNDO_WORDS[remedy.undo]}
        </Box>
      </Box>
    </ButtonBase>
  )
}

const FIGURE = {
  fontSize: 13.5,
  whiteSpace: 'nowrap',
  textAlign: { xs: 'left', sm: 'right' },
} as const

/** To the tenth; a picture tells hundredths. */
function unsureText(degrees: number): string {
  return degrees.toFixed(degrees < COARSE_DEG ? 2 : 1)
}
