import Joi from 'joi'
import type { PartKind } from '@/core/parts/parts'
import { PART_KINDS } from '@/core/parts/parts'
import { idSchema } from '../boundary'

/** One part of the drawers, for one tray. */
export interface TrayPart {
  readonly trayId: number
  readonly kind: PartKind
  readonly partId: number
}

export const trayPartSchema = Joi.object<TrayPart>({
  trayId: idSchema.required(),
  kind: Joi.string()
    .valid(...PART_KINDS)
    .required(),
  partId: idSchema.required(),
})
