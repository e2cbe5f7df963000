import Typography from '@mui/material/Typography'
import Link from 'next/link'
import { screwOrder } from '@/core/notches/screwOrder'
import type { TrayView } from '@/services/tray/trayView'
import type { PinsPanelProps } from './PinsPanel'
import { PinsPanel } from './PinsPanel'

export interface BackGripProps {
  readonly view: TrayView
  readonly chordCircleMm: number | null
  readonly onChordCircle: (circleMm: number | null) => void
  readonly onKeep: PinsPanelProps['onKeep']
}

/** What takes hold of the back. */
export function BackGrip({ view, chordCircleMm, onChordCircle, onKeep }: BackGripProps) {
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
          onKeep={onKeep}
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
            : `The lip is at ${sheet.lipHour}, seen from behind: blade to find it, then the case knife, a twist and no lever.`}{' '}
          {(sheet.lipHour === null || sheet.backGripMm === null) && (
            <>
              {sheet.backGripMm === null && 'Read the back across once it is off: its press goes by that. '}
              <Link href={`/sheets/${sheet.id}`}>To the sheet</Link>
            </>
          )}
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

function Missing({ what, sheetId }: { what: string; sheetId: number }) {
  return (
    <Typography>
      The case sheet does not know the {what}: look, then{' '}
      <Link href={`/sheets/${sheetId}`}>write it on the sheet</Link>.
    </Typography>
  )
}
