'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import Link from 'next/link'
import { useState } from 'react'
import { caseSheetDraft } from '@/core/records/caseSheetDraft'
import { CASE_SHEET_FIELDS } from '@/core/records/caseSheetFields'
import { CASE_SHEET_GROUPS } from '@/core/records/caseSheetGroups'
import { isShown } from '@/core/records/Field'
import { fieldText } from '@/core/records/fieldText'
import { sheetField } from '@/core/readings/sheetFigures'
import type { FieldValue } from '@/core/records/checkRecord'
import { formatMm } from '@/core/units/formatMm'
import type { CaseSheetPage } from '@/services/sheets/sheetPages'
import { SheetSection } from '../section/SheetSection'
import { PageFrame } from '../shell/PageFrame'
import { useTimes } from '../small/useTimes'
import { FactGroups } from './FactGroups'
import { LearnedTable } from './LearnedTable'
import { PressStatisticsPanel } from './PressStatisticsPanel'
import { RecordDialog } from '../tables/RecordDialog'
import type { Calls } from '@/services/actions'

export interface SheetPageProps {
  readonly page: CaseSheetPage
  readonly save: Calls['saveRecord']
}

/** The section shows what lies at the crystal: its figures stand beside it, those of the back and the crown below. */
const BESIDE_DRAWING = CASE_SHEET_GROUPS.slice(0, 4)
const UNDER_DRAWING = CASE_SHEET_GROUPS.slice(4)

/** What is known of one case: its section, its dimensions, and every pressing with how it went. */
export function SheetPage({ page, save }: SheetPageProps) {
  const { sheet, pieces, runs, policy, statistics } = page
  const [editing, setEditing] = useState(false)
  const home = runs.filter((run) => run.outcome === 'home').length
  const values = sheet as unknown as Record<string, FieldValue>
  const asked = CASE_SHEET_FIELDS.filter(
    (f) => !['maker', 'reference', 'note'].includes(f.name) && isShown(f, (name) => values[name]),
  )
  const facts = asked.filter((f) => fieldText(f, values[f.name]) !== null)
  const learned = pieces.map(({ dimension }): string => sheetField(dimension))
  const unknown = asked.filter((f) => fieldText(f, values[f.name]) === null && !learned.includes(f.name))
  return (
    <PageFrame
      title={`${sheet.maker} ${sheet.reference}`}
      subtitle={runs.length === 0 ? 'never pressed here' : `${home} of ${runs.length} pressings went home`}
      actions={
        <>
          <Button component={Link} href={`/history?sheet=${sheet.id}`}>
            History
          </Button>
          <Button component="a" href={`/api/sheets/${sheet.id}`} download>
            Save as JSON
          </Button>
          <Button variant="outlined" onClick={() => setEditing(true)}>
            Edit the sheet
          </Button>
        </>
      }
    >
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', lg: '1fr 1fr' },
          gridTemplateRows: { lg: 'auto 1fr' },
          columnGap: 4,
          rowGap: 2,
        }}
      >
        <Box>
          <SheetSection sheet={sheet} policy={policy} />
          {unknown.length > 0 && (
            <Typography sx={{ mt: 1, color: 'text.secondary' }}>
              Not known yet: {unknown.map((f) => f.label.toLowerCase()).join('; ')}.
            </Typography>
          )}
          {sheet.note && (
            <Typography sx={{ mt: 1, pl: 1.5, borderLeft: 3, borderColor: 'warning.main' }}>
              {sheet.note}
            </Typography>
          )}
        </Box>
        <Box sx={{ gridColumn: { lg: 2 }, gridRow: { lg: '1 / span 2' } }}>
          <FactGroups groups={BESIDE_DRAWING} facts={facts} values={values} />
        </Box>
        <FactGroups groups={UNDER_DRAWING} facts={facts} values={values} />
      </Box>
      <LearnedTable sheet={sheet} pieces={pieces} />
      <Typography variant="h2" component="h2" sx={{ mt: 3, mb: 0.5 }}>
        What fitted and how it was pressed
      </Typography>
      <PressStatisticsPanel statistics={statistics} />
      <RunTable runs={runs} />
      {editing && (
        <RecordDialog
          record={{
            kind: 'case-sheet',
            id: sheet.id,
            title: `${sheet.maker} ${sheet.reference}`,
            fields: CASE_SHEET_FIELDS,
            groups: CASE_SHEET_GROUPS,
            initial: values,
            beside: (typed) => <SheetSection sheet={caseSheetDraft(typed)} policy={policy} />,
          }}
          save={save}
          onClose={() => setEditing(false)}
        />
      )}
    </PageFrame>
  )
}

function RunTable({ runs }: { runs: CaseSheetPage['runs'] }) {
  const { dayText } = useTimes()
  if (runs.length === 0)
    return (
      <Typography sx={{ color: 'text.secondary' }}>
        Nothing yet. The first logged run on a tray of this case will stand here and be proposed next time.
      </Typography>
    )
  return (
    <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label="Press runs">
      <Box
        component="table"
        sx={{
          width: '100%',
          minWidth: 1080,
          borderCollapse: 'collapse',
          fontSize: 14.5,
          '& td, & th': {
            borderTop: 1,
            borderColor: 'divider',
            py: 0.75,
            pr: 1.5,
            textAlign: 'left',
            whiteSpace: 'nowrap',
            // The press and the note may take two lines, so that no line is a tower.
            '&:last-child': { whiteSpace: 'normal', minWidth: 170 },
            '&:nth-of-type(3), &:nth-of-type(5), &:nth-of-type(11)': { whiteSpace: 'normal' },
          },
          '& th': { color: 'text.secondary', fontWeight: 400 },
        }}
      >
        <thead>
          <tr>
            {[
              'tray',
              'day',
              'crystal',
              'ring',
              'press',
              'pusher',
              'support',
              'turns',
              'force, N',
              'outcome',
              'its curve',
              'note',
            ].map((head) => (
              <th key={head} scope="col">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {runs.map((run) => (
            <tr key={run.id}>
              <td>
                <Link href={`/trays/${run.trayNumber}`} style={{ color: 'inherit' }}>
                  {run.trayNumber}
                </Link>
              </td>
              <td suppressHydrationWarning>{dayText(run.ranAt)}</td>
              <td>
                {formatMm(run.crystalDiameterMm, 0.1)} × {formatMm(run.crystalEdgeMm, 0.1)}{' '}
                {run.crystalMaterial.replace('-', ' ')}
              </td>
              <td>
                {run.gasketOuterMm !== null && run.gasketWallMm !== null
                  ? `${formatMm(run.gasketOuterMm, 0.1)}/${formatMm(run.gasketWallMm)} ${run.gasketColour ?? ''}`
                  : 'none'}
              </td>
              <td>{run.pressName ?? 'by hand'}</td>
              <td className="figure">{run.pusherCode}</td>
              <td className="figure">{run.supportCode}</td>
              <td className="figure">{run.quarterTurns}</td>
              <td className="figure">{run.slideForceN ?? run.peakForceN ?? ''}</td>
              <td>
                <OutcomeWord outcome={run.outcome} />
                {run.cause !== null && `, ${run.cause === 'unknown' ? 'not known why' : run.cause}`}
              </td>
              <td>
                {run.hasTrace && (
                  <a href={`/api/press-runs/${run.id}?format=csv`} style={{ color: 'inherit' }}>
                    {run.verdict === null ? 'not read' : `read as ${run.verdict.replaceAll('-', ' ')}`}
                  </a>
                )}
                {run.cell === 'simulated' && ', simulated'}
              </td>
              <td>{run.note}</td>
            </tr>
          ))}
        </tbody>
      </Box>
    </Box>
  )
}

function OutcomeWord({ outcome }: { outcome: string }) {
  const colour = outcome === 'home' ? 'success.main' : outcome === 'cracked' ? 'error.main' : 'warning.main'
  return (
    <Box component="strong" sx={{ color: colour }}>
      {outcome.replaceAll('-', ' ')}
    </Box>
  )
}
