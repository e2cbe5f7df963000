import Joi from 'joi'
import { againstPressure } from '@/core/dry-test/againstPressure'
import { LEAST_BLANK_S } from '@/core/dry-test/driftOf'
import type { DryKind, DryRow, DrySource, DryTrace } from '@/core/dry-test/DryTrace'
import { DRY_SOURCES, MOST_DRY_CSV, TOO_LONG } from '@/core/dry-test/DryTrace'
import { LEAST_SAMPLES } from '@/core/dry-test/fitDryTest'
import type { OrderedDry } from '@/core/dry-test/simulatedOrders'
import { ORDERED_DRY } from '@/core/dry-test/simulatedOrders'
import { blankOf, phasesOf } from '@/core/dry-test/phasesOf'
import { dryTestFields } from '@/core/records/dryTestFields'
import { againstStep } from '@/core/stages/inOrder'
import { PRESSURE_TEST } from '@/core/stages/prove'
import { dryTestOf } from '@/core/tray/dryTestOf'
import type { Db } from '@/data/client'
import { insertDryRecord } from '@/data/queries/dryRecords'
import { orderedDryCsv } from '@/devices/simulated-dry-test/orderedDry'
import { readDryCsv } from '@/io/csv/dryCsv'
import type { Refusal } from '../boundary'
import { idSchema, refuse, validateRecord } from '../boundary'
import type { OpenedCase } from './openTrayCases'
import { standingOrder } from './recordTrail'
import { trayChange } from './trayChange'

interface Sent {
  readonly trayId: number
  readonly fields: Readonly<Record<string, unknown>>
  readonly source: DrySource
  /** what the tester wrote; empty of a simulated one */
  readonly text: string
  /** what a simulated tester is to show */
  readonly does: OrderedDry
}

const schema = Joi.object<Sent>({
  trayId: idSchema.required(),
  fields: Joi.object().unknown().required(),
  source: Joi.string()
    .valid(...DRY_SOURCES)
    .required(),
  text: Joi.string().allow('').max(MOST_DRY_CSV).required().messages({ 'string.max': TOO_LONG }),
  does: Joi.string()
    .valid(...ORDERED_DRY)
    .default('tight'),
})

/** What the form says, checked. */
interface Said {
  readonly kind: DryKind
  readonly testerId: number
  readonly pressureBar: number
  readonly airCm3: number
  readonly temperatureC: number
  readonly which: number | null
}

/** Seeds of one tray's simulated records, so that the next is another one. */
const SEEDS_A_TRAY = 64

/** Keeps what a dry tester recorded: of the case under pressure, or a blank run that tells how the tester drifts. */
export const keepDryRecord = trayChange<Sent>(schema, async (tx, sent, opened, now) => {
  const { kept, procedure } = opened
  const step = procedure.steps.find(({ id }) => id === PRESSURE_TEST)
  if (!step) return refuse('This job asks for no pressure test: nothing to record.')
  const checked = validateRecord(dryTestFields(kept.testers), sent.fields)
  if (!checked.ok) return checked
  const { kind, testerId, pressureBar, airCm3, temperatureC, which } = checked.value
  const said: Said = {
    // The form's options are these very words, checked just before.
    kind: kind as DryKind,
    testerId: Number(testerId),
    pressureBar: Number(pressureBar),
    airCm3: Number(airCm3),
    temperatureC: Number(temperatureC),
    which: typeof which === 'number' ? which : null,
  }
  const early = said.kind === 'test' ? againstStep(step, standingOrder(opened)) : null
  if (early !== null) return refuse(early)
  if (sent.source === 'simulated' && !opened.rules.invented)
    return refuse('A simulated tester tells nothing of a real case: take a real one’s record.', 'file')
  const rows = rowsOf(sent, said, opened)
  if ('ok' in rows) return rows
  return said.kind === 'blank'
    ? keepBlank(tx, { said, sent, rows, opened }, now)
    : keepTest(tx, { said, sent, rows, opened }, now)
})

interface ToKeep {
  readonly said: Said
  readonly sent: Sent
  readonly rows: readonly DryRow[]
  readonly opened: OpenedCase
}

/** The one test that is meant, of what was sent. */
function rowsOf({ source, text, does }: Sent, said: Said, { kept }: OpenedCase): readonly DryRow[] | Refusal {
  const written =
    source === 'simulated'
      ? orderedDryCsv({
          ...said,
          does,
          testerSeed: said.testerId,
          caseSeed: kept.sheet.id,
          runSeed: kept.tray.number * SEEDS_A_TRAY + kept.dryRecords.length,
        })
      : text
  if (written.trim() === '')
    return refuse('No record: choose the file the tester wrote, or let it send one.', 'file')
  const file = readDryCsv(written)
  if (!file.ok) return refuse(file.against, 'file')
  const { tests } = file
  if (tests.length > 1 && said.which === null)
    return refuse(
      `The file holds ${tests.length} tests: its time falls back. Say which one, 1 to ${tests.length}.`,
      'which',
    )
  const rows = tests[(said.which ?? 1) - 1]
  return rows ?? refuse(`Which test: the file holds ${tests.length}.`, 'which')
}

async function keepBlank(tx: Db, { said, sent, rows, opened }: ToKeep, now: Date): Promise<Refusal | null> {
  const { rest, standing, trouble } = phasesOf(rows)
  const blank = rest ?? blankOf(standing)
  if (!blank)
    return refuse(
      `The run is shorter than ${LEAST_BLANK_S} s, or has fewer than ${LEAST_SAMPLES} samples: it tells no drift. Let it run as long as a test.`,
      'file',
    )
  await insertDryRecord(tx, {
    ...common({ said, sent, rows, opened }, trouble, now),
    blank,
  })
  return null
}

async function keepTest(tx: Db, toKeep: ToKeep, now: Date): Promise<Refusal | null> {
  const { said, rows, opened } = toKeep
  const { kept, rules } = opened
  const { rest, standing, pressureBar: recorded, trouble } = phasesOf(rows)
  if (standing.timesS.length < LEAST_SAMPLES)
    return refuse(
      `The pressure stood for ${standing.timesS.length} samples, and it takes ${LEAST_SAMPLES} or more. ${trouble ?? 'Measure longer.'}`,
      'file',
    )
  const tester = kept.testers.find(({ id }) => id === said.testerId)
  const pressureBar = recorded ?? (tester?.mode === 'vacuum' ? -said.pressureBar : said.pressureBar)
  const against = tester ? againstPressure(pressureBar, kept.tray, tester) : null
  if (against !== null) return refuse(against, recorded === null ? 'pressureBar' : 'file')
  const row = {
    ...common(toKeep, trouble, now),
    pressureBar,
    airCm3: said.airCm3,
    blank: rest,
  }
  const judged = dryTestOf(
    { ...kept, dryRecords: [...kept.dryRecords, { ...row, id: 0 }] },
    rules.policy.dryTest,
    [],
  )?.judged
  if (!judged)
    return refuse('The record cannot be judged: pressure and air inside have to be more than none.')
  await insertDryRecord(tx, {
    ...row,
    verdict: judged.verdict,
    umPerBar: judged.likeliest.deformationUm / Math.abs(pressureBar),
  })
  return null
}

function common({ said, sent, rows, opened }: ToKeep, trouble: string | null, now: Date) {
  const trace: DryTrace = { formatVersion: 1, source: sent.source, rows, trouble }
  const { kind, testerId, temperatureC } = said
  return {
    ...{ trayId: opened.kept.tray.id, testerId, kind, trace, temperatureC, at: now },
    ...{ pressureBar: null, airCm3: null },
  }
}
