import { PRESS_RUN_FIELDS } from '@/core/records/jobFields'
import type { PressOutcome } from '@/core/press/pressOutcomes'
import { pressNeeds } from '@/core/press/pressOutcomes'
import { againstPress } from '@/core/stages/inOrder'
import type { StageId } from '@/core/stages/stages'
import { stageIndex } from '@/core/stages/stages'
import { standsAfter } from '@/core/stages/StageState'
import { goesInNew } from '@/core/trail/partsTrail'
import { renewedParts } from '@/core/tray/renewedParts'
import type { Wait } from '@/core/waits/waits'
import { minutesLeft, runningBefore } from '@/core/waits/waits'
import { isOwn } from '@/core/own-parts/OwnPart'
import { againstOwn, isOwnPickLost } from '@/core/own-parts/ownPick'
import { insertLookedOver } from '@/data/queries/ownParts'
import { insertPressRun } from '@/data/queries/picks'
import { insertTick } from '@/data/queries/ticks'
import { setTrayStage } from '@/data/queries/trays'
import { refuse } from '../boundary'
import type { OpenedCase } from './openTrayCases'
import type { PressChecked, PressSent } from './pressTools'
import { checkPress, keptOfCell, pressValues, wrongTool } from './pressTools'
import type { TrailRecord } from './recordTrail'
import { answerOf, standingOrder, recordTrail } from './recordTrail'
import { trayChange } from './trayChange'

/** Where a run that did not bring the crystal home leads: back to matching when it is lost. */
const BACK_TO = {
  'not-home': 'press-in',
  'high-on-one-side': 'press-in',
  loose: 'match',
  cracked: 'match',
} as const satisfies Record<Exclude<PressOutcome, 'home'>, StageId>

/** Where the tray stands after a run: on when home and nothing else is open, else never further than it was. */
function stageAfterRun(outcome: PressOutcome, { kept, stages }: OpenedCase): StageId {
  const { stage } = kept.tray
  if (outcome === 'home') return standsAfter(stages, stage, { stage: 'press-in', subject: 'press-run' })
  const back = BACK_TO[outcome]
  return stageIndex(back) < stageIndex(stage) ? back : stage
}

/** Logs what was really done to bring the picked crystal home. */
export const logPressRun = trayChange<PressChecked, PressSent>(
  checkPress(PRESS_RUN_FIELDS, {}),
  async (tx, run, opened, now) => {
    const { tray, sheet, picked, presses } = opened.kept
    if (!picked) return refuse('Nothing is picked on this tray: pick a crystal first.')
    const early = againstPress('crystal-in', standingOrder(opened))
    if (early !== null) return refuse(early)
    const wet = runningBefore('crystal-in', opened.waits, opened.procedure, now)
    if (wet.length > 0) return refuse(stillWaiting(wet, now))
    if (isOwnPickLost(picked, opened.own.parts))
      return refuse(
        `Not pressed. ${againstOwn(picked, opened.own.parts).join(' ')} Pick another one at Match.`,
      )
    const { fields, trace, ...used } = run
    const needs = pressNeeds(sheet.retention)
    const wrong = await wrongTool(tx, { ...needs, press: needs.pusher }, presses, used)
    if (wrong) return wrong
    const cell = keptOfCell(trace, opened, true)
    if (!cell.ok) return cell
    // The form's options are the outcomes, checked just before.
    const outcome = fields['outcome'] as PressOutcome
    const values = pressValues(fields)
    const verdict = 'verdict' in cell.kept ? cell.kept.verdict : null
    if (outcome === 'home' && verdict === 'cracked' && values.note.trim() === '')
      return refuse(READ_AS_CRACKED, 'note')
    await insertPressRun(tx, {
      ...used,
      pickId: picked.pick.id,
      ranAt: now,
      ...values,
      outcome,
      ...cell.kept,
    })
    if (outcome === 'cracked' && isOwn(picked.crystal))
      await insertLookedOver(tx, {
        trayId: tray.id,
        part: 'crystal',
        seen: 'cracked',
        goesBack: false,
        at: now,
      })
    await recordTrail(tx, opened, onTrail(outcome, opened), now)
    // What cures round the crystal cures from here on; under one that is not home nothing does.
    const done = outcome === 'home'
    if (done || opened.kept.ticks[CRYSTAL_IN] !== undefined)
      await insertTick(tx, { trayId: tray.id, subject: CRYSTAL_IN, done, at: now })
    await setTrayStage(tx, tray.id, stageAfterRun(outcome, opened), null)
    return null
  },
)

const READ_AS_CRACKED =
  'Note: the run reads as cracked. Look along the edge under a lamp: log it as cracked, or write here what you saw instead.'

/** A crystal that came home goes back with its ring; one that broke after it was home has to come out once more. */
function onTrail(outcome: PressOutcome, opened: OpenedCase): readonly TrailRecord[] {
  const ringIn = opened.kept.picked?.gasket != null
  const pressed = opened.trail.filter(
    ({ part }) => part === 'crystal' || (part === 'crystal-gasket' && ringIn),
  )
  const renewed = renewedParts(opened)
  if (outcome === 'home')
    return pressed
      .filter(({ open }) => open > 0)
      .map((line) => answerOf(line, goesInNew(line, opened.trail, renewed) ? 'renewed' : 'back', line.open))
  const wasHome = pressed.some(({ part }) => part === 'crystal') && pressed.every(({ open }) => open === 0)
  return outcome === 'cracked' && wasHome ? [{ kind: 'off', part: 'crystal', count: 1 }] : []
}

const CRYSTAL_IN = 'step:crystal-in'

function stillWaiting(waits: readonly Wait[], now: Date): string {
  const each = waits.map((wait) => `${wait.title}, ${minutesLeft(wait, now)} min left`)
  return `Not pressed yet: ${each.join('; ')}. Wait, or cut it short and say why; then log the run.`
}
