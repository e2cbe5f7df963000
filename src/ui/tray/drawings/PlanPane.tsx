import Box from '@mui/material/Box'
import { turns } from '@/core/construction/kinds'
import { formatMm } from '@/core/units/formatMm'
import type { TrayView } from '@/services/tray/trayView'
import { PlanView } from '../../section/PlanView'
import { PressedCase } from '../../section/PressedCase'
import { RuledLines } from '../../small/RuledLines'
import { asItStands } from './asItStands'
import { AskewPane } from '../../stages/align/AskewPane'
import { diesAt } from './diesAt'
import type { PaneProps } from './PaneProps'

const LARGE = 430
/** Where the case at the press stands below it. */
const BESIDE_DIES = 330

/** The case from above, large: what has to stand true to the dial, and what it is judged by. */
export function PlanPane({ bench, model, pair, width }: PaneProps) {
  const { view, stage } = bench.state
  const standing = asItStands(model, view)
  const dies = diesAt(stage, view, standing.planned.outlines)
  const lines = standingTrue(view, pair?.crystal.magnifier ?? view.sheet.magnifier)
  const plan = (
    <PlanView
      view={view}
      section={model.section}
      target={null}
      planned={pair?.crystal.magnifier ?? null}
      mostHeight={dies.length > 0 ? BESIDE_DIES : LARGE}
      parts
    />
  )
  return (
    <>
      {bench.straight.shown ? (
        <AskewPane form={bench.straight} plan={plan} onAsk={bench.setAtDialog} />
      ) : (
        plan
      )}
      {dies.length > 0 && <PressedCase model={standing} width={width} dies={dies} />}
      <Box sx={{ mt: 1 }}>
        <RuledLines label="To stand true" lines={lines.map(([what, end]) => ({ what, end }))} />
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
