import Joi from 'joi'
import { CAMERA_HEIGHT_RANGE_MM, EDGE_HEIGHT_RANGE_MM } from '@/core/photo-gauge/photoDiameter'
import type { PhotoInput } from '@/core/photo-gauge/photoDiameter'
import type { PhotoDimension } from '@/core/photo-gauge/photoDimensions'
import { PHOTO_DIMENSION_IDS } from '@/core/photo-gauge/photoDimensions'
import { ALL_MARKS } from '@/core/photo-gauge/gaugeSheet'
import { crystalObjection } from '@/core/tray/shapeObjection'
import { DIMENSIONS } from '@/core/readings/dimensions'
import { shapeSize } from '@/core/shapes/shapeSize'
import { insertShape } from '@/data/queries/shapes'
import { changeShopSettings, shopSettingsRow } from '@/data/queries/shopSettings'
import { SAMPLE_SCENES } from '@/devices/simulated-photograph/sampleScenes'
import { action } from '../action'
import { idSchema, refuse } from '../boundary'
import { trayChange } from './trayChange'

/** How the shop's pictures are taken, as last entered. */
export interface PhotoGaugeSettings {
  readonly ok: true
  /** null until the shop has measured its own print: the drawing's length is not the print's */
  readonly levelBarMm: number | null
  readonly uprightBarMm: number | null
  readonly cameraHeightMm: number
  /** simulated photographs to try it with */
  readonly samples: readonly SamplePhotograph[]
}

export interface SamplePhotograph {
  readonly id: string
  readonly title: string
  /** address of the picture */
  readonly src: string
  readonly levelBarMm: number
  readonly uprightBarMm: number
  readonly edgeHeightMm: number
  readonly cameraHeightMm: number
}

/** A hand above a bench, with the lens drawn in: far enough that height over the paper counts for little. From memory. */
const USUAL_CAMERA_HEIGHT_MM = 300

/** What was entered last; no bar while the print was never measured. */
export const photoGaugeSettings = action(Joi.object({}), async (db): Promise<PhotoGaugeSettings> => {
  const row = await shopSettingsRow(db)
  return {
    ok: true,
    levelBarMm: row?.levelBarMm ?? null,
    uprightBarMm: row?.uprightBarMm ?? null,
    cameraHeightMm: row?.cameraHeightMm ?? USUAL_CAMERA_HEIGHT_MM,
    samples: SAMPLE_SCENES.map(({ id, title, levelBarMm, uprightBarMm, edgeHeightMm, cameraHeightMm }) => ({
      id,
      title,
      src: `/photographs/${id}.jpg`,
      levelBarMm,
      uprightBarMm,
      edgeHeightMm,
      cameraHeightMm,
    })),
  }
})

interface PhotoSizeInput {
  readonly trayId: number
  readonly dimension: PhotoDimension
  readonly photoId: number
  readonly picture: PhotoInput
}

const MOST_ARCS = 12
/** The browser thins an edge to this before it sends it: more would say no more of a circle. */
const MOST_ARC_POINTS = 400
const MOST_SIDE_PX = 20_000

const pixelSchema = Joi.object({
  x: Joi.number().min(-1).max(MOST_SIDE_PX).required(),
  y: Joi.number().min(-1).max(MOST_SIDE_PX).required(),
})
const barSchema = Joi.number().min(10).max(200)

const schema = Joi.object<PhotoSizeInput>({
  trayId: idSchema.required(),
  dimension: Joi.string()
    .valid(...PHOTO_DIMENSION_IDS)
    .required()
    .messages({ 'any.only': 'Dimension: not one a picture shows. Choose one of the list.' }),
  photoId: idSchema.required(),
  picture: Joi.object({
    arcs: Joi.array()
      .items(Joi.array().items(pixelSchema).min(3).max(MOST_ARC_POINTS))
      .min(1)
      .max(MOST_ARCS)
      .required()
      .messages({
        'array.min': 'Edge: none chosen. Click on the rim in the picture.',
        'array.max': `Edge: at most ${MOST_ARCS} edges of ${MOST_ARC_POINTS} points make one size. Choose fewer.`,
      }),
    marks: Joi.array()
      .items(
        Joi.object({
          mark: Joi.number()
            .integer()
            .min(0)
            .max(ALL_MARKS.length - 1)
            .required(),
          picture: pixelSchema.required(),
        }),
      )
      .unique('mark')
      .min(4)
      .max(ALL_MARKS.length)
      .required(),
    levelBarMm: barSchema.required(),
    uprightBarMm: barSchema.allow(null).required(),
    edgeHeightMm: Joi.number()
      .min(EDGE_HEIGHT_RANGE_MM[0])
      .max(EDGE_HEIGHT_RANGE_MM[1])
      .required()
      .messages({
        '*': `Edge height: outside ${EDGE_HEIGHT_RANGE_MM.join('–')} mm. Measure the piece’s thickness.`,
      }),
    cameraHeightMm: Joi.number()
      .min(CAMERA_HEIGHT_RANGE_MM[0])
      .max(CAMERA_HEIGHT_RANGE_MM[1])
      .required()
      .messages({
        '*': `Camera height: outside ${CAMERA_HEIGHT_RANGE_MM.join('–')} mm. Measure from the paper to the lens.`,
      }),
  }).required(),
})

/**
 * Stores a diameter read from a picture kept with the tray. Only what was seen is taken from the browser (edge points,
 * marks, what was typed); the size is worked out anew here.
 */
export const takePhotoSize = trayChange(schema, async (tx, input, { kept, found }, now) => {
  const { trayId, dimension, photoId, picture } = input
  if (!kept.photos.some((photo) => photo.id === photoId))
    return refuse('Picture: it is not with this tray any more. Choose it once more.', 'picture')
  const shape = { kind: 'photo', picture } as const
  const outcome = shapeSize(shape, dimension)
  if (!outcome.ok) return refuse(outcome.message, 'picture')
  const here = { measured: found.readout.measured, sheet: found.sheet }
  const tooWide = dimension === 'crystal-diameter' ? crystalObjection(outcome.diameter, here) : null
  if (tooWide !== null) return refuse(tooWide, 'picture')
  await insertShape(tx, {
    trayId,
    dimension,
    kind: 'photo',
    diameterMm: outcome.diameter.valueMm,
    standardUncertaintyMm: outcome.diameter.standardUncertaintyMm,
    shared: outcome.diameter.shared ?? {},
    words: `${DIMENSIONS[dimension].label} from a picture: ${outcome.words}`,
    input: shape,
    photoId,
    takenAt: now,
  })
  const { levelBarMm, uprightBarMm, cameraHeightMm } = picture
  await changeShopSettings(tx, { levelBarMm, uprightBarMm, cameraHeightMm })
  return null
})
