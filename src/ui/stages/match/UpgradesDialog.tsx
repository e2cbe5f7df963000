'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import Typography from '@mui/material/Typography'
import type { ReactNode } from 'react'
import type { FitPolicy } from '@/core/fit/fitPolicy'
import type { TestPressure } from '@/core/intake/waterClass'
import { STRENGTH_WORDS } from '@/core/plate/strengthWords'
import { standFigure } from '@/core/fit/standFigure'
import { formatMm } from '@/core/units/formatMm'
import type { JudgedPair } from '@/core/tray/judgePair'
import { moneyText } from '@/core/units/moneyText'
import type { UpgradesFound, UpgradeView } from '@/services/tray/compareUpgrades'

export interface UpgradesDialogProps {
  readonly found: UpgradesFound
  readonly policy: FitPolicy
  readonly onChoose: (choice: JudgedPair) => void
  readonly onClose: () => void
}

const MOST_SHOWN = 5

/** What else the drawers could give this case, side by side: what changes in rim, hands, strength and price. */
export function UpgradesDialog({ found, policy, onChoose, onClose }: UpgradesDialogProps) {
  const shown = found.upgrades.slice(0, MOST_SHOWN)
  const [first] = shown
  const stands = first ? standFigure(first.candidate, found.words, policy) : null
  const rows: readonly Row[] = [
    [
      'Size',
      ({ candidate: { crystal } }) =>
        `${formatMm(crystal.diameterMm, 0.1)} × ${formatMm(crystal.edgeThicknessMm, 0.1)}`,
    ],
    [
      'Ring',
      ({ candidate: { gasket } }) => (gasket ? `${gasket.material} ${formatMm(gasket.wallMm)}` : 'none'),
    ],
    ['Fit', ({ candidate }) => candidate.fitProbability.toFixed(2)],
    ['Held by', ({ candidate: { hold } }) => `${hold.title.toLowerCase()} ${hold.value}`],
    [
      stands ? stands.title : 'Rim',
      ({ candidate }) => {
        const stand = standFigure(candidate, found.words, policy)
        return stand ? `${stand.value} ${stand.word}` : '–'
      },
    ],
    [
      'To the hands',
      ({ candidate: { standing } }) =>
        standing.handClearanceMm === null ? 'not measured' : formatMm(standing.handClearanceMm),
    ],
    ...(found.pressure ? pressureRows(found.pressure) : []),
    ...(shown.some(({ candidate }) => candidate.warning !== null) ? [AGAINST] : []),
    ['Price', ({ priceCents }) => priceText(priceCents, first?.priceCents ?? null)],
  ]
  return (
    <Dialog open onClose={onClose} aria-labelledby="upgrades-title" fullWidth maxWidth="lg">
      <DialogTitle
        id="upgrades-title"
        sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'center' }}
      >
        Side by side on this case
        <Button onClick={onClose}>Leave it</Button>
      </DialogTitle>
      <DialogContent>
        {shown.length === 0 ? (
          <Typography>Nothing in the drawers fits this case yet.</Typography>
        ) : (
          <Box
            component="table"
            sx={{
              borderCollapse: 'collapse',
              width: '100%',
              tableLayout: 'fixed',
              '& th, & td': {
                textAlign: 'left',
                verticalAlign: 'top',
                borderBottom: 1,
                borderColor: 'divider',
                py: 0.75,
                pr: 1.5,
                fontSize: 14.5,
              },
              '& tbody th': { fontWeight: 400, color: 'text.secondary', width: 130 },
            }}
          >
            <thead>
              <tr>
                <Box component="td" sx={{ width: 130 }} />
                {shown.map((upgrade) => (
                  <th key={titleOf(upgrade)} scope="col">
                    {titleOf(upgrade)}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.map(([name, value]) => (
                <tr key={name}>
                  <th scope="row">{name}</th>
                  {shown.map((upgrade) => (
                    <td key={titleOf(upgrade)} className="figure">
                      {value(upgrade)}
                    </td>
                  ))}
                </tr>
              ))}
              <tr>
                <th scope="row">For the owner</th>
                {shown.map((upgrade) => (
                  <td key={titleOf(upgrade)}>{upgrade.notes.join(' ')}</td>
                ))}
              </tr>
              <tr>
                <th scope="row">
                  <span hidden>Choose</span>
                </th>
                {shown.map((upgrade) => (
                  <td key={titleOf(upgrade)}>
                    <Button
                      variant="outlined"
                      size="small"
                      aria-label={`Draw ${titleOf(upgrade)}`}
                      onClick={() => {
                        onChoose({ candidate: upgrade.candidate, failures: upgrade.failures })
                        onClose()
                      }}
                    >
                      Draw it
                    </Button>
                  </td>
                ))}
              </tr>
            </tbody>
          </Box>
        )}
        <Typography variant="body2" sx={{ mt: 1, color: 'text.secondary' }}>
          Strength by flat-plate theory with material values from memory: a guide, never a rating. A dome
          bears more; a chamber test tells.
        </Typography>
      </DialogContent>
    </Dialog>
  )
}

type Row = readonly [name: string, value: (upgrade: UpgradeView) => ReactNode]

/** What the shortlist would say against each. */
const AGAINST: Row = [
  'Against it',
  ({ candidate: { warning, refusal } }) => (
    <Typography component="span" sx={{ fontSize: 'inherit', fontWeight: 700, color: 'warning.main' }}>
      {refusal === null ? (warning ?? '–') : `${warning ?? 'too weak'}: may not be picked`}
    </Typography>
  ),
]

/** What the class stated does to each. */
function pressureRows({ bar, words }: TestPressure): readonly Row[] {
  const unloaded = 'not loaded by it'
  return [
    ['Judged at', () => words],
    [
      `To the hands at ${bar} bar`,
      ({ load }) =>
        load
          ? load.hands
            ? `${formatMm(load.hands.clearanceMm)}, least at ${load.hands.at}`
            : 'not measured'
          : unloaded,
    ],
    [
      `Strength at ${bar} bar`,
      ({ load }) =>
        load
          ? `${load.strength.found.factor.toFixed(1)} × the load: ${STRENGTH_WORDS[load.strength.verdict]}`
          : unloaded,
    ],
  ]
}

function titleOf({ variant: { material, profile, magnifier, arCoating } }: UpgradeView): string {
  const extras = [
    magnifier !== 'none' && `magnifier ${magnifier}`,
    arCoating !== 'none' && `AR ${arCoating}`,
  ].filter(Boolean)
  return [`${profile} ${material}`.replaceAll('-', ' '), ...extras].join(', ')
}

/** A price, and what it is more or less than the first one's where both are known. */
function priceText(cents: number | null, firstCents: number | null): string {
  if (cents === null) return 'not known'
  const against = firstCents === null || cents === firstCents ? '' : ` (${signed(cents - firstCents)})`
  return moneyText(cents) + against
}

function signed(cents: number): string {
  return `${cents > 0 ? '+' : '−'}${(Math.abs(cents) / 100).toFixed(2)}`
}
