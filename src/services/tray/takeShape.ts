import Joi from 'joi'
import { crystalObjection, shapeObjection } from '@/core/tray/shapeObjection'
import { parsePoints } from '@/core/circle/parsePoints'
import { specOf } from '@/core/measure/describedInstrument'
import type { ShapeInput, ShapeKind } from '@/core/shapes/shapeSize'
import { SHAPE_WORDS, shapeSize } from '@/core/shapes/shapeSize'
import { parseReading } from '@/core/units/parseReading'
import { insertShape, voidShape } from '@/data/queries/shapes'
import type { Instrument } from '@/data/queries/tools'
import type { Refusal } from '../boundary'
import { idSchema, reasonSchema, refuse } from '../boundary'
import { trayChange } from './trayChange'

/** Texts as typed, so that the same words judge them here and where they were typed. */
interface ShapeTexts {
  readonly trayId: number
  readonly kind: Exclude<ShapeKind, 'photo'>
  readonly instrumentId: number
  readonly first: string
  readonly second: string
}

const MOST_LENGTH_TEXT = 40
/** Five thousand points of two figures. */
const MOST_POINTS_TEXT = 200_000

const textsSchema = Joi.object<ShapeTexts>({
  trayId: idSchema.required(),
  kind: Joi.string().valid('chord', 'points', 'visible-top', 'gasket-imprint').required(),
  instrumentId: idSchema.required(),
  first: Joi.string()
    .allow('')
    .max(MOST_POINTS_TEXT)
    .required()
    .messages({ 'string.max': 'Points: that is more text than 5000 points. Keep fewer.' }),
  second: Joi.string().allow('').max(MOST_LENGTH_TEXT).required(),
})

/** Stores the old crystal's size by a way round the jaws: nothing when a figure is wrong. */
export const takeShape = trayChange(
  textsSchema,
  async (tx, { trayId, kind, instrumentId, first, second }, { kept, found }, now) => {
    const instrument = kept.instruments.find((i) => i.id === instrumentId)
    if (!instrument) return refuse('Instrument: not in Settings any more. Choose another one.', 'instrument')
    const shape = shapeInput(kind, first, second, instrument)
    if ('ok' in shape) return shape
    const here = { measured: found.readout.measured, sheet: found.sheet }
    const objection = shapeObjection(shape, instrument.kind, here)
    if (objection !== null) return refuse(objection, 'shape')
    const outcome = shapeSize(shape)
    if (!outcome.ok) return refuse(outcome.message, 'shape')
    const { diameter, words } = outcome
    const tooWide = crystalObjection(diameter, here)
    if (tooWide !== null) return refuse(tooWide, 'shape')
    await insertShape(tx, {
      trayId,
      kind,
      diameterMm: diameter.valueMm,
      standardUncertaintyMm: diameter.standardUncertaintyMm,
      shared: diameter.shared ?? {},
      words: `${SHAPE_WORDS[kind]}: ${words}`,
      input: shape,
      takenAt: now,
    })
    return null
  },
)

function shapeInput(
  kind: ShapeTexts['kind'],
  first: string,
  second: string,
  described: Instrument,
): ShapeInput | Refusal {
  const instrument = specOf(described)
  if (kind === 'points') {
    const parsed = parsePoints(first)
    return parsed.ok ? { kind, points: parsed.points } : refuse(parsed.message, 'shape')
  }
  const names = {
    chord: ['Chord', 'Sagitta'],
    'visible-top': ['Top', 'Bevel'],
    'gasket-imprint': ['Imprint', ''],
  }[kind]
  const a = lengthOf(names[0] ?? '', first)
  if (typeof a !== 'number') return a
  if (kind === 'gasket-imprint') return { kind, imprintMm: a, instrument }
  const b = lengthOf(names[1] ?? '', second)
  if (typeof b !== 'number') return b
  return kind === 'chord'
    ? { kind, chordMm: a, sagittaMm: b, instrument }
    : { kind, topMm: a, bevelMm: b, instrument }
}

function lengthOf(name: string, text: string): number | Refusal {
  const parsed = parseReading(text)
  if (parsed.ok) return parsed.valueMm
  return parsed.code === 'empty'
    ? refuse(`${name} is missing: type it in mm.`, 'shape')
    : refuse(`${name}: “${text.trim().slice(0, 20)}” is not a length. Type it as 18.02, in mm.`, 'shape')
}

const voidSchema = Joi.object<{ trayId: number; shapeId: number; reason: string }>({
  trayId: idSchema.required(),
  shapeId: idSchema.required(),
  reason: reasonSchema('chip at the end').required(),
})

/** Takes a shape reading back, with the reason; the old value is kept. */
export const takeBackShape = trayChange(
  voidSchema,
  async (tx, { shapeId, reason }, { kept }, now) => {
    const stands = kept.shapes.some((shape) => shape.id === shapeId && shape.voidReason === null)
    if (!stands) return refuse('This was taken back already.')
    await voidShape(tx, shapeId, reason, now)
    return null
  },
  'decision',
)
