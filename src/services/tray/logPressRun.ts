import Joi from 'joi'
import type { FieldValue } from '@/core/records/checkRecord'
import { PRESS_RUN_FIELDS } from '@/core/records/jobFields'
import type { Retention } from '@/core/construction/kinds'
import type { DieRole } from '@/core/dies/Die'
import type { FailureCause, PressFeel, PressOutcome } from '@/core/press/pressPlan'
import { pressNeeds } from '@/core/press/pressPlan'
import { MOST_READINGS } from '@/core/press-run/checkRun'
import type { TraceRow, TraceSource } from '@/core/press-run/PressTrace'
import { TRACE_SOURCES } from '@/core/press-run/PressTrace'
import { tracedRun } from '@/core/press-run/tracedRun'
import type { StageId } from '@/core/stages/stages'
import { stageIndex } from '@/core/stages/stages'
import { standsAfter } from '@/core/stages/StageState'
import type { Db } from '@/data/client'
import { renewedParts } from '@/core/tray/renewedParts'
import type { Wait } from '@/core/waits/waits'
import { minutesLeft, runningBefore } from '@/core/waits/waits'
import { isOwn } from '@/core/own-parts/OwnPart'
import { againstOwn, isOwnPickLost } from '@/core/own-parts/ownPick'
import { insertLookedOver } from '@/data/queries/ownParts'
import { insertPressRun } from '@/data/queries/picks'
import { insertTick } from '@/data/queries/ticks'
import { allDies } from '@/data/queries/otherParts'
import type { Press } from '@/data/queries/tools'
import { setTrayStage } from '@/data/queries/trays'
import type { Refusal, Validated } from '../boundary'
import { idSchema, refuse, validate, validateBoth, validateRecord, withFields } from '../boundary'
import type { OpenedCase } from './openTrayCases'
import type { TrailRecord } from './recordTrail'
import { answerOf, recordTrail } from './recordTrail'
import { trayChange } from './trayChange'

interface PressRunTools {
  readonly trayId: number
  /** press and dies; null where the crystal goes in by hand */
  readonly pressId: number | null
  readonly pusherId: number | null
  readonly supportId: number | null
}

interface PressRunSent extends Partial<Omit<PressRunTools, 'trayId'>> {
  readonly trayId: number
  /** of the log form */
  readonly fields: Readonly<Record<string, unknown>>
  /** what the press's cell sent; null or left out without one */
  readonly trace?: SentTrace | null
}

interface SentTrace {
  readonly source: TraceSource
  readonly points: readonly TraceRow[]
}

interface PressRunChecked extends PressRunTools {
  readonly fields: Record<string, FieldValue>
  readonly trace: SentTrace | null
}

const traceSchema = Joi.object<SentTrace>({
  source: Joi.string()
    .valid(...TRACE_SOURCES)
    .required(),
  points: Joi.array()
    .items(Joi.array().items(Joi.number().unsafe(false)).length(3))
    .max(MOST_READINGS)
    .required()
    .messages({
      'array.max': `Readings of the cell: more than ${MOST_READINGS}. Start a run when the pusher starts.`,
      'array.length': 'Readings of the cell: each is time in ms, travel in mm and force in N.',
    }),
}).allow(null)

const toolSchema = () => idSchema.allow(null).default(null)
const toolsSchema = Joi.object<PressRunTools & Pick<PressRunChecked, 'trace'>>({
  trace: traceSchema.default(null),
  trayId: idSchema.required(),
  pressId: toolSchema(),
  pusherId: toolSchema(),
  supportId: toolSchema(),
})

function checkPressRun(input: unknown): Validated<PressRunChecked> {
  const { rest, fields } = withFields(input)
  const checked = validateBoth(validate(toolsSchema, rest), validateRecord(PRESS_RUN_FIELDS, fields))
  return checked.ok ? { ok: true, value: { ...checked.value[0], fields: checked.value[1] } } : checked
}

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
export const logPressRun = trayChange<PressRunChecked, PressRunSent>(
  checkPressRun,
  async (tx, run, opened, now) => {
    const { tray, sheet, picked, presses } = opened.kept
    if (!picked) return refuse('Nothing is picked on this tray: pick a crystal first.')
    const wet = runningBefore('crystal-in', opened.waits, opened.procedure, now)
    if (wet.length > 0) return refuse(stillWaiting(wet, now))
    if (isOwnPickLost(picked, opened.own.parts))
      return refuse(
        `Not pressed. ${againstOwn(picked, opened.own.parts).join(' ')} Pick another one at Match.`,
      )
    const { fields, trace, ...used } = run
    const wrong = await wrongTool(tx, { retention: sheet.retention, presses }, used)
    if (wrong) return wrong
    const values = pressRunValues(fields)
    const traced = trace ? tracedRun(trace, opened.rules.policy.pressRun) : {}
    await insertPressRun(tx, { ...used, pickId: picked.pick.id, ranAt: now, ...values, ...traced })
    if (values.outcome === 'cracked' && isOwn(picked.crystal))
      await insertLookedOver(tx, {
        trayId: tray.id,
        part: 'crystal',
        seen: 'cracked',
        goesBack: false,
        at: now,
      })
    await recordTrail(tx, opened, onTrail(values.outcome, opened), now)
    // What cures round the crystal cures from here on; under one that is not home nothing does.
    const done = values.outcome === 'home'
    if (done || opened.kept.ticks[CRYSTAL_IN] !== undefined)
      await insertTick(tx, { trayId: tray.id, subject: CRYSTAL_IN, done, at: now })
    await setTrayStage(tx, tray.id, stageAfterRun(values.outcome, opened), null)
    return null
  },
)

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
      .map((line) => answerOf(line, renewed.includes(line.part) ? 'renewed' : 'back', line.open))
  const wasHome = pressed.some(({ part }) => part === 'crystal') && pressed.every(({ open }) => open === 0)
  return outcome === 'cracked' && wasHome ? [{ kind: 'off', part: 'crystal', count: 1 }] : []
}

const CRYSTAL_IN = 'step:crystal-in'

function stillWaiting(waits: readonly Wait[], now: Date): string {
  const each = waits.map((wait) => `${wait.title}, ${minutesLeft(wait, now)} min left`)
  return `Not pressed yet: ${each.join('; ')}. Wait, or cut it short and say why; then log the run.`
}

/** What a construction needs and is missing, or is not there any more. */
async function wrongTool(
  db: Db,
  { retention, presses }: { readonly retention: Retention; readonly presses: readonly Press[] },
  { pressId, pusherId, supportId }: PressRunTools,
): Promise<Refusal | null> {
  const needs = pressNeeds(retention)
  if (needs.pusher && pressId === null) return refuse('Press is missing: choose one.', 'pressId')
  if (pressId !== null && !presses.some((p) => p.id === pressId))
    return refuse('Press: not in Settings any more.', 'pressId')
  const dies = await allDies(db)
  const isThere = (id: number, role: DieRole) => dies.some((d) => d.id === id && d.role === role)
  if (pusherId === null ? needs.pusher : !isThere(pusherId, 'pusher'))
    return refuse(
      pusherId === null ? 'Pusher is missing: choose one.' : 'Pusher: not in the drawers.',
      'pusherId',
    )
  if (supportId === null ? needs.support : !isThere(supportId, 'support'))
    return refuse(
      supportId === null ? 'Support is missing: choose one.' : 'Support: not in the drawers.',
      'supportId',
    )
  return null
}

function pressRunValues(values: Record<string, FieldValue>) {
  const number = (name: string) => (typeof values[name] === 'number' ? values[name] : null)
  const text = (name: string) => (typeof values[name] === 'string' ? values[name] : '')
  // The form's options are the very words, checked just before.
  const choice = <T extends string>(name: string) => (text(name) === '' ? null : (text(name) as T))
  return {
    // The form's options are the outcomes, checked just before.
    outcome: text('outcome') as PressOutcome,
    cause: choice<FailureCause>('cause'),
    feel: choice<PressFeel>('feel'),
    leftHour: number('leftHour'),
    quarterTurns: number('quarterTurns') ?? 0,
    peakForceN: number('peakForceN'),
    travelMm: number('travelMm'),
    cushion: text('cushion'),
    note: text('note'),
  }
}
