import Joi from 'joi'
import type { DieToMake } from '@/core/dies/dieProfile'
import { againstProfile, dieProfile } from '@/core/dies/dieProfile'
import { dieDxf } from '@/io/dxf/dieDxf'
import { dieStl } from '@/io/stl/dieStl'
import { dieSvg } from '@/io/svg/dieSvg'
import type { Refusal } from '../boundary'
import { refuse, validate } from '../boundary'

const FORMATS = ['svg', 'dxf', 'stl'] as const

interface Asked {
  readonly role: DieToMake['role']
  readonly outer: number
  readonly opening: number
  readonly recess: number
  readonly format: (typeof FORMATS)[number]
}

/** As a query has it: digits. */
const figure = (name: string) =>
  Joi.number()
    .prefs({ convert: true })
    .messages({ '*': `${name}: a figure in mm.` })
const schema = Joi.object<Asked>({
  role: Joi.string().valid('pusher', 'support').required().messages({ '*': 'Role: pusher or support.' }),
  outer: figure('Outside').required(),
  opening: figure('Opening').default(0),
  recess: figure('Recess').default(0),
  format: Joi.string()
    .valid(...FORMATS)
    .required()
    .messages({ '*': 'Format: svg, dxf or stl.' }),
})

export interface DieFile {
  readonly ok: true
  readonly name: string
  readonly type: string
  readonly body: string | Uint8Array<ArrayBuffer>
}

/** The drawing or body of a die that is to be turned or printed. @param input - as a query has it */
export function dieFile(input: unknown): DieFile | Refusal {
  const checked = validate(schema, input)
  if (!checked.ok) return checked
  const { role, outer, opening, recess, format } = checked.value
  const die = { role, outerMm: outer, openingMm: opening, recessMm: recess }
  const against = againstProfile(die)
  if (against) return refuse(against.message, against.field)
  const profile = dieProfile(die)
  const file = { ok: true, name: `${profile.name}.${format}` } as const
  switch (format) {
    case 'svg':
      return { ...file, type: 'image/svg+xml', body: dieSvg(profile) }
    case 'dxf':
      return { ...file, type: 'image/vnd.dxf', body: dieDxf(profile) }
    case 'stl':
      return { ...file, type: 'model/stl', body: dieStl(profile) }
  }
}
