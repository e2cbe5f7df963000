import Box from '@mui/material/Box'
import { turns } from '@/core/construction/kinds'
import { formatMm } from '@/core/units/formatMm'
import type { TrayView } from '@/services/tray/trayView'
import { PlanView } from '../../section/PlanView'
import type { PaneProps } from './PaneProps'

const LARGE = 430

/** The case from above, large: what has to stand true to the dial, and what it is judged by. */
export function PlanPane({ bench, model, pair }: PaneProps) {
  const { view } = bench.state
  const lines = standingTrue(view, pair?.crystal.magnifier ?? view.sheet.magnifier)
  return (
    <>
      <PlanView
        view={view}
        section={model.section}
        target={null}
        planned={pair?.crystal.magnifier ?? null}
        mostHeight={LARGE}
        parts
      />
      <Box
        component="ul"
        aria-label="To stand true"
        sx={{ listStyle: 'none', m: '8px 0 0', p: 0, fontSize: 14.5 }}
      >
        {lines.map(([what, by]) => (
          <Box
            component="li"
            key={what}
            sx={{
              display: 'flex',
              justifyContent: 'space-between',
              gap: 2,
              borderTop: 1,
              borderColor: 'divider',
              py: 0.6,
            }}
          >
            <span>{what}</span>
            <Box component="span" sx={{ color: 'text.secondary', textAlign: 'right' }}>
              {by}
            </Box>
          </Box>
        ))}
      </Box>
    </>
  )
}

/** What of this case can stand untrue, and by what it is judged. Common practice. */
function standingTrue({ sheet }: TrayView, magnifier: string): (readonly [what: string, by: string])[] {
  const dateMm = sheet.dateRadiusMm
  const lines: (readonly [string, string] | false)[] = [
    magnifier !== 'none' && [
      `magnifier over the date at ${sheet.dateAt ?? '3'}`,
      `stem in; ${dateMm === null ? 'its distance from the centre is not on the sheet' : `${formatMm(dateMm)} from the centre`}`,
    ],
    sheet.chapterRing !== 'none' && ['chapter ring', 'its ticks at 12 and 6 on the dial’s'],
    sheet.insertMaterial !== 'none' && ['insert', 'its pip on the dial’s 12'],
    turns(sheet.bezelKind) && ['bezel', 'zero on a click, at 12'],
  ]
  return lines.filter((line) => line !== false)
}
