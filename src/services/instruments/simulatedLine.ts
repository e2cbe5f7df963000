import { DIMENSION_IDS } from '@/core/readings/dimensions'
import { DIMENSIONS } from '@/core/readings/dimensions'
import { pointsOf } from '@/core/press-run/PressTrace'
import { readPress } from '@/core/press-run/readPress'
import { soonerHome } from '@/core/press-run/soonerHome'
import { instrumentFor, noneReaches } from '@/core/readings/instrumentFor'
import type { Db } from '@/data/client'
import { traceOfRun } from '@/data/queries/pressTraces'
import type { HoldPlace } from '@/devices/InstrumentFeed'
import { simulatedBench } from '@/devices/simulated-bench/simulatedBench'
import Joi from 'joi'
import { idSchema, refuse, validate } from '../boundary'
import type { Refusal } from '../boundary'
import { TRAY_GONE } from '../tray/changeTray'
import { simulatedLean } from '@/devices/simulated-press/simulatedLean'
import type { OpenedCase } from '../tray/openTrayCases'
import { openTrayCase } from '../tray/openTrayCases'
import { envelopeOf } from '../tray/pressTraces'

const schema = Joi.object<HoldPlace>({
  trayId: idSchema.required(),
  dimension: Joi.string()
    .valid(...DIMENSION_IDS)
    .required(),
  placeIndex: Joi.number().integer().min(0).max(11).required(),
})

/**
 * What the simulated instruments would send when held against one place of a tray.
 * Every tray has one hidden piece; each instrument has an error of its own, and every repeat its own scatter.
 * @returns the line and the instrument it comes from
 */
export async function simulatedLine(
  db: Db,
  input: unknown,
): Promise<{ ok: true; line: string; instrumentId: number } | Refusal> {
  const checked = validate(schema, input)
  if (!checked.ok) return checked
  const { trayId, dimension, placeIndex } = checked.value
  const opened = await openTrayCase(db, { id: trayId })
  if (!opened) return refuse(TRAY_GONE)
  const { instruments } = opened.kept
  const spec = instrumentFor(dimension, instruments)
  if (!spec) return refuse(noneReaches(dimension))
  const { kept, standing } = opened
  const repeats = standing.length
  const bench = simulatedBench({
    seed: kept.tray.number,
    sheet: kept.sheet,
    pressings: kept.pressRuns.length,
    lean: leanOf(kept),
    speckMm: dimension === 'rim-height' ? await speckOf(db, opened) : 0,
  })
  const instrument = bench.instrument(spec.id, spec)
  // The instrument keeps its constant error; earlier holds use up its scatter, so repeats differ.
  for (let hold = 0; hold < repeats; hold++) instrument.send({ dimension, placeIndex })
  const line = instrument.send({ dimension, placeIndex })
  return line === null
    ? refuse(
        `Nothing to hold against: the case sheet has no ${DIMENSIONS[dimension].label.toLowerCase()} to simulate.`,
      )
    : { ok: true, line, instrumentId: spec.id }
}

/** What its presses' own lean did to the rim, as far as it is known how the case lay. */
function leanOf({ pressRuns, presses, picked }: OpenedCase['kept']) {
  return simulatedLean(
    pressRuns.flatMap(({ pickId, pressId, leftHour }) => {
      const kind = presses.find(({ id }) => id === pressId)?.kind
      return pickId === picked?.pick.id && kind && leftHour !== null ? [{ kind, leftHour }] : []
    }),
  )
}

/** What the last push's own curve says of a speck on the seat: the rim stands as its crystal came to lie. */
async function speckOf(db: Db, { kept, rules }: OpenedCase): Promise<number> {
  const last = kept.pressRuns.findLast(({ pickId }) => pickId === kept.picked?.pick.id)
  if (last?.cell !== 'simulated' || !last.hasTrace) return 0
  const trace = await traceOfRun(db, last.id)
  const envelope = await envelopeOf(db, kept.tray.id)
  if (!trace) return 0
  return soonerHome(readPress(pointsOf(trace.trace.points), rules.policy.pressRun), envelope)?.mm ?? 0
}
