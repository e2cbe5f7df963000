'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import Link from 'next/link'
import { useState } from 'react'
import { BACK_TIGHTNESSES, isTightnessFinding } from '@/core/intake/jobWords'
import { screwOrder } from '@/core/notches/screwOrder'
import { manyOf } from '@/core/records/Field'
import type { TrayView } from '@/services/trayView'
import type { BackRing } from '../section/BackDrawing'
import { BackDrawing } from '../section/BackDrawing'
import { Findings } from '../stage-work/Findings'
import { MethodsPanel } from '../stage-work/MethodsPanel'
import { StepList } from '../stage-work/StepList'
import { TrailPanel } from '../stage-work/TrailPanel'
import { WorkError } from '../stage-work/WorkError'
import { PinsPanel, ringOfNotches } from './PinsPanel'
import type { StageWorkProps } from './StageWorkProps'

/** How this very back is opened: what grips it, drawn to scale, its steps, how tight it was, what came off. */
export function OpeningPanel({ bench, actions }: StageWorkProps) {
  const { view } = bench.state
  const { sheet } = view
  const [chordCircleMm, setChordCircleMm] = useState<number | null>(null)
  const ring = ringOf(view, chordCircleMm)
  const steps = new Set(view.job.procedure.steps.map((step) => step.id))
  if (!steps.has('back-off')) {
    return (
      <Box component="section" aria-label="Opening">
        <Typography variant="h2" component="h2" sx={{ fontSize: '1.3rem' }}>
          Open: the back stays closed for this job
        </Typography>
        <StepList bench={bench} actions={actions} stage="open" />
        {steps.has('insert-soak') && <MethodsPanel bench={bench} actions={actions} />}
        <TrailPanel bench={bench} actions={actions} stage="open" />
      </Box>
    )
  }
  return (
    <Box component="section" aria-label="Opening">
      <Typography variant="h2" component="h2" sx={{ fontSize: '1.3rem' }}>
        Open: {sheet.backKind ? `${sheet.backKind.replaceAll('-', ' ')} back` : 'back not known yet'}
      </Typography>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', sm: 'minmax(0,1fr) 220px' },
          columnGap: 2,
          mt: 0.5,
        }}
      >
        <Box>
          <Grip view={view} chordCircleMm={chordCircleMm} onChordCircle={setChordCircleMm} />
          <Holder view={view} />
        </Box>
        {sheet.backKind !== 'one-piece-front-loader' && (
          <BackDrawing
            ring={ring}
            caseDiameterMm={sheet.caseDiameterMm ?? ASSUMED_CASE_MM}
            keepClearHours={keepClearOf(sheet)}
            pegsDeg={view.job.pegs.pegsDeg}
          />
        )}
      </Box>
      <StepList bench={bench} actions={actions} stage="open" />
      {steps.has('insert-soak') && <MethodsPanel bench={bench} actions={actions} />}
      <Tightness bench={bench} actions={actions} />
      <Findings
        bench={bench}
        actions={actions}
        kind="thread"
        label="In thread or lip"
        help="as “green crust at 6, two turns of thread worn”"
      />
      <TrailPanel bench={bench} actions={actions} stage="open" />
    </Box>
  )
}

const ASSUMED_CASE_MM = 38
/** A plate's screws stand near its edge; only the order matters, so the circle is assumed. */
const SCREW_CIRCLE_SHARE = 0.78
const USUAL_CROWN_HOUR = 3

function keepClearOf(sheet: TrayView['sheet']): number[] {
  const crown = sheet.crownKind === 'none' ? [] : [sheet.crownHour ?? USUAL_CROWN_HOUR]
  return [...crown, ...manyOf(sheet.pusherHours).map(Number)]
}

function ringOf({ sheet }: TrayView, chordCircleMm: number | null): BackRing {
  switch (sheet.backKind) {
    case 'screw-notched':
      return ringOfNotches(chordCircleMm ?? sheet.notchCircleMm, sheet.notchCount)
    case 'plate-screws':
      return sheet.backScrewCount === null
        ? { kind: 'plain' }
        : {
            kind: 'screws',
            circleMm: (sheet.caseDiameterMm ?? ASSUMED_CASE_MM) * SCREW_CIRCLE_SHARE,
            count: sheet.backScrewCount,
            order: screwOrder(sheet.backScrewCount),
          }
    case 'screw-coin-edge':
    case 'screw-polygon':
      return sheet.backGripMm === null
        ? { kind: 'plain' }
        : {
            kind: 'grip',
            gripMm: sheet.backGripMm,
            sides: sheet.backKind === 'screw-polygon' ? sheet.backSides : null,
          }
    case 'snap':
      return { kind: 'lip', hour: sheet.lipHour }
    default:
      return { kind: 'plain' }
  }
}

interface GripProps {
  readonly view: TrayView
  readonly chordCircleMm: number | null
  readonly onChordCircle: (circleMm: number | null) => void
}

/** What takes hold of the back. */
function Grip({ view, chordCircleMm, onChordCircle }: GripProps) {
  const { sheet, job } = view
  switch (sheet.backKind) {
    case null:
      return (
        <Typography>
          The case sheet does not say how the back is held. Look, then{' '}
          <Link href={`/sheets/${sheet.id}`}>write it on the sheet</Link>: the next tray of this case knows
          it.
        </Typography>
      )
    case 'screw-notched':
      return sheet.notchCount === null ? (
        <Missing what="number of notches" sheetId={sheet.id} />
      ) : (
        <PinsPanel
          sheet={sheet}
          notchCount={sheet.notchCount}
          circleMm={chordCircleMm ?? sheet.notchCircleMm}
          onChordCircle={onChordCircle}
        />
      )
    case 'screw-coin-edge':
    case 'screw-polygon':
      if (sheet.backGripMm === null)
        return (
          <Missing
            what={sheet.backKind === 'screw-polygon' ? 'width across flats' : 'diameter of the knurled rim'}
            sheetId={sheet.id}
          />
        )
      if (job.socket === null) return <Missing what="number of flats" sheetId={sheet.id} />
      return (
        <Typography data-testid="socket" sx={{ color: job.socket.ok ? 'text.primary' : 'warning.main' }}>
          {job.socket.ok ? `Take the ${job.socket.reason}. Press down while turning.` : job.socket.why}
        </Typography>
      )
    case 'snap':
      return (
        <Typography>
          {sheet.lipHour === null
            ? 'Where the lip is, nobody has noted: find it with a thin blade all round, then write it on the sheet.'
            : `The lip is at ${sheet.lipHour}, seen from behind: blade to find it, then the case knife, a twist and no lever.`}
        </Typography>
      )
    case 'plate-screws':
      return sheet.backScrewCount === null ? (
        <Missing what="number of back screws" sheetId={sheet.id} />
      ) : (
        <Typography>
          Loosen in the order drawn, opposite before neighbour: screws{' '}
          {screwOrder(sheet.backScrewCount)
            .map((i) => i + 1)
            .join(', ')}
          , counted clockwise from 12. Closing goes the same way in two passes: seat them all, then snug.
        </Typography>
      )
    case 'one-piece-front-loader':
      return (
        <Typography>
          No back: the movement comes out through the front, once the crystal is out. Look for a split stem
          before anything is pulled.
        </Typography>
      )
  }
}

/** Where the holder's pegs stand, clear of crown and pushers. */
function Holder({ view }: { view: TrayView }) {
  const { pegs } = view.job
  if (view.sheet.backKind === 'one-piece-front-loader' || view.sheet.backKind === null) return null
  const hours = pegs.pegsDeg.map((deg) => hourText(deg)).join(', ')
  return (
    <Typography sx={{ mt: 0.75, fontSize: 14.5, color: pegs.clears ? 'text.secondary' : 'warning.main' }}>
      {pegs.clears
        ? `Holder pegs at ${hours}, as read on the dial: ${Math.round(pegs.clearDeg)}° clear of crown and pushers.`
        : 'Four pegs cannot clear crown and pushers here: use two pegs between the lugs, or jaws at the lugs.'}
    </Typography>
  )
}

/** “half past 1” for 45 degrees: the clock face is what is on the bench. */
function hourText(deg: number): string {
  const hour = deg / 30
  const whole = Math.floor(hour) === 0 ? 12 : Math.floor(hour)
  const minutes = Math.round((hour - Math.floor(hour)) * 60)
  return minutes === 0 ? `${whole}` : `${whole}:${String(minutes).padStart(2, '0')}`
}

function Tightness({ bench, actions }: StageWorkProps) {
  const { view } = bench.state
  const [error, setError] = useState<string | null>(null)
  const inHand = view.tray.finishedAt === null
  const grade = view.job.findings.find((finding) => finding.kind === 'back-tightness')?.words ?? null
  if (view.sheet.backKind === 'one-piece-front-loader') return null
  return (
    <Box sx={{ mt: 1 }}>
      <Box
        role="group"
        aria-label="How the back came off"
        sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, alignItems: 'center' }}
      >
        <Box component="span" sx={{ fontSize: 14, color: 'text.secondary' }}>
          It came off
        </Box>
        {BACK_TIGHTNESSES.map((option) => (
          <Button
            key={option}
            size="small"
            aria-pressed={grade === option}
            variant={grade === option ? 'contained' : 'outlined'}
            color={isTightnessFinding(option) ? 'warning' : 'primary'}
            disabled={!inHand}
            onClick={() =>
              void bench
                .change(
                  actions.noteFinding({
                    trayId: view.tray.id,
                    kind: 'back-tightness',
                    words: option,
                    stage: 'open',
                  }),
                )
                .then(setError)
            }
            sx={{ minHeight: 40 }}
          >
            {option.replaceAll('-', ' ')}
          </Button>
        ))}
      </Box>
      {view.job.facts.sealsDoubtful && (
        <Typography sx={{ fontSize: 14, color: 'warning.main' }}>
          The seals are doubtful: it goes in the report, the back seal is new by default, and no bath for this
          head.
        </Typography>
      )}
      <WorkError text={error} />
    </Box>
  )
}

function Missing({ what, sheetId }: { what: string; sheetId: number }) {
  return (
    <Typography>
      The case sheet does not know the {what}: look, then{' '}
      <Link href={`/sheets/${sheetId}`}>write it on the sheet</Link>.
    </Typography>
  )
}
