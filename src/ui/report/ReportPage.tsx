'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import { useRouter } from 'next/navigation'
import { usePageKeys } from '../keys/usePageKeys'
import { reportInShopsWay } from '@/core/report/reportInShopsWay'
import type { ReportSection } from '@/core/report/Report'
import type { Calls } from '@/services/actions'
import type { ReportOfTray } from '@/services/tray/trayReportPage'
import { PageFrame } from '../shell/PageFrame'
import { useTimes } from '../small/useTimes'
import { KeyCap } from '../small/KeyCap'
import { DryChart } from '../stages/prove/dry/DryChart'
import { LetterPanel } from './LetterPanel'
import { ReportLines } from './ReportLines'

/** What became of a tray: what its owner is told, then the record of the work, the same lines as on paper. */
export function ReportPage({ page, word }: { page: ReportOfTray; word: Calls['wordForOwner'] }) {
  const { dayText } = useTimes()
  const { tray, photos, letter, paper } = page
  const report = reportInShopsWay(page.report, paper.decimals)
  const router = useRouter()
  usePageKeys('escape', () => router.push(`/trays/${tray.number}`))
  return (
    <PageFrame
      title={`Report, tray ${tray.number}`}
      subtitle={
        <span suppressHydrationWarning>
          {tray.caseName}, {[tray.owner, tray.ownerMark].filter(Boolean).join(', ')};{' '}
          {tray.finishedAt ? `handed back ${dayText(tray.finishedAt)}` : 'in hand, as it stands now'}
        </span>
      }
      actions={
        <>
          <Button onClick={() => router.push(`/trays/${tray.number}`)}>
            Back to the tray
            <KeyCap name="Esc" />
          </Button>
          <Button component="a" href={`/api/trays/${tray.number}/file`} download>
            All of it as JSON
          </Button>
          <Button
            variant="contained"
            component="a"
            href={`/api/trays/${tray.number}/report`}
            target="_blank"
            rel="noopener"
          >
            PDF, to print or send
          </Button>
        </>
      }
    >
      <Box>
        <LetterPanel
          letter={letter}
          paper={paper}
          trayId={tray.id}
          trayNumber={tray.number}
          inHand={tray.finishedAt === null}
          word={word}
          onWorded={() => router.refresh()}
        />
        <Typography variant="h2" component="h2" sx={{ fontSize: '1.4rem', mb: 1.5 }}>
          The record of the work
        </Typography>
        {photos.length > 0 && (
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mb: 2 }}>
            {photos.map((photo) => (
              <Box
                key={photo.id}
                component="img"
                src={`/api/photos/${photo.id}`}
                alt={photo.caption || `Picture ${photo.id}`}
                sx={{ height: 112, maxWidth: 200, objectFit: 'cover' }}
              />
            ))}
          </Box>
        )}
        {report.sections.map((section) => (
          <SectionBlock key={section.title} section={section} />
        ))}
        {report.plot && (
          <Box sx={{ maxWidth: 760, ml: { md: '174px' }, mb: 2 }}>
            <DryChart plot={report.plot} />
          </Box>
        )}
        {report.notes.map((note) => (
          <Typography key={note} sx={{ color: 'text.secondary', fontSize: 14 }}>
            {note}
          </Typography>
        ))}
      </Box>
    </PageFrame>
  )
}

/** Its title stands in a column of its own, so that the eye finds a section without reading the others. */
function SectionBlock({ section: { title, lines, none } }: { section: ReportSection }) {
  return (
    <Box
      component="section"
      aria-label={title}
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', md: '150px minmax(0,1fr)' },
        columnGap: 3,
        borderTop: 2,
        borderColor: 'text.primary',
        pt: 0.5,
        mb: 2.5,
      }}
    >
      <Typography variant="h2" component="h2" sx={{ fontSize: '1.15rem', pt: 0.25 }}>
        {title}
      </Typography>
      {lines.length === 0 ? (
        <Typography sx={{ color: 'text.secondary', py: 0.5 }}>{none}</Typography>
      ) : (
        <ReportLines lines={lines} />
      )}
    </Box>
  )
}
