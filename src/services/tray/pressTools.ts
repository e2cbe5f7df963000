import Joi from 'joi'
import type { DieRole } from '@/core/dies/Die'
import { countsAsPressed } from '@/core/press-run/countsAsPressed'
import { MOST_READINGS } from '@/core/press-run/checkRun'
import type { TraceRow, TraceSource } from '@/core/press-run/PressTrace'
import { TRACE_SOURCES } from '@/core/press-run/PressTrace'
import type { TracedRun } from '@/core/press-run/tracedRun'
import { tracedRun } from '@/core/press-run/tracedRun'
import type { FailureCause, PressFeel } from '@/core/press/pressOutcomes'
import type { Field } from '@/core/records/Field'
import type { FieldValue } from '@/core/records/checkRecord'
import type { Db } from '@/data/client'
import { allDies } from '@/data/queries/otherParts'
import type { Press } from '@/data/queries/tools'
import type { Refusal, Validated } from '../boundary'
import { idSchema, refuse, validate, validateBoth, validateRecord, withFields } from '../boundary'
import type { OpenedCase } from './openTrayCases'

/** What a press is done with; null where a hand did without. */
export interface PressTools {
  readonly pressId: number | null
  readonly pusherId: number | null
  readonly supportId: number | null
}

interface SentTrace {
  readonly source: TraceSource
  readonly points: readonly TraceRow[]
}

/** A press as it is logged: its form, what it was done with, what its cell sent. */
export interface PressSent extends Partial<PressTools> {
  readonly trayId: number
  /** of the log form */
  readonly fields: Readonly<Record<string, unknown>>
  /** null or left out without a cell */
  readonly trace?: SentTrace | null
}

export interface PressChecked extends PressTools {
  readonly trayId: number
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

/** Checks a press as it is logged. @param more - what a work asks beside the tools, by name */
export function checkPress<More extends object>(fields: readonly Field[], more: Joi.SchemaMap<More>) {
  const schema = Joi.object<PressTools & More & { trayId: number; trace: SentTrace | null }>({
    trace: traceSchema.default(null),
    trayId: idSchema.required(),
    pressId: toolSchema(),
    pusherId: toolSchema(),
    supportId: toolSchema(),
    ...more,
  })
  return (input: unknown): Validated<PressChecked & More> => {
    const { rest, fields: sent } = withFields(input)
    const checked = validateBoth(validate(schema, rest), validateRecord(fields, sent))
    return checked.ok ? { ok: true, value: { ...checked.value[0], fields: checked.value[1] } } : checked
  }
}

/** Tools that are needed and missing, or are not there any more. */
export async function wrongTool(
  db: Db,
  needs: { readonly press: boolean; readonly pusher: boolean; readonly support: boolean },
  presses: readonly Press[],
  { pressId, pusherId, supportId }: PressTools,
): Promise<Refusal | null> {
  if (needs.press && pressId === null) return refuse('Press is missing: choose one.', 'pressId')
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

const NOTHING_PRESSED =
  'Simulated cell: nothing was pressed by it. Log what the hand did without it, or press with the press’s own cell.'

/** What a press's cell told of it, to be kept; a refusal where it told of nothing that was pressed. */
export function keptOfCell(
  trace: SentTrace | null,
  { rules }: Pick<OpenedCase, 'rules'>,
  goesIn: boolean,
): { ok: true; kept: TracedRun | Record<string, never> } | Refusal {
  if (!trace) return { ok: true, kept: {} }
  if (!countsAsPressed(trace.source, rules.invented)) return refuse(NOTHING_PRESSED, 'trace')
  return { ok: true, kept: tracedRun(trace, rules.policy.pressRun, goesIn) }
}

/** What the form of every press says, as it is kept. */
export function pressValues(values: Record<string, FieldValue>) {
  const number = (name: string) => (typeof values[name] === 'number' ? values[name] : null)
  const text = (name: string) => (typeof values[name] === 'string' ? values[name] : '')
  // The form's options are the very words, checked just before.
  const choice = <T extends string>(name: string) => (text(name) === '' ? null : (text(name) as T))
  return {
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
