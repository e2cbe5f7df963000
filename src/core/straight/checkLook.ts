import type { FieldErrors } from '../records/checkRecord'
import { formatMm } from '../units/formatMm'
import { parseMm } from '../units/parseMm'
import { LEAST_LIMIT_MM, LEAST_RADIUS_MM, MOST_LIMIT_MM, MOST_OFFSET_MM, MOST_RADIUS_MM } from './lookLimits'
import type { HourOffset, StraightLook } from './StraightLook'

/** What is typed of a look. */
export interface TypedLook {
  readonly radius: string
  /** empty where the owner said nothing */
  readonly limit: string
  /** by hour; an empty one was not read */
  readonly offsets: readonly { readonly hour: number; readonly text: string }[]
}

export type CheckedLook =
  | ({ readonly ok: true } & Pick<StraightLook, 'radiusMm' | 'limitMm' | 'offsets'>)
  | { readonly ok: false; readonly errors: FieldErrors }

export type CheckedSetting =
  | ({ readonly ok: true } & Pick<StraightLook, 'radiusMm' | 'limitMm'>)
  | { readonly ok: false; readonly errors: FieldErrors }

/** Reads where a ring's ticks meet and what the owner lets pass, both as typed, see checkLook. */
export function checkSetting({ radius, limit }: Pick<TypedLook, 'radius' | 'limit'>): CheckedSetting {
  const checked = checkLook({ radius, limit, offsets: [{ hour: 12, text: '0' }] })
  return checked.ok ? { ok: true, radiusMm: checked.radiusMm, limitMm: checked.limitMm } : checked
}

/** The field an hour's offset is typed in. */
export const offsetField = (hour: number) => `offset-${hour}`

/**
 * Reads what was typed of a look, every wrong field named at once.
 * @example checkLook({ radius: '14', limit: '', offsets: [{ hour: 12, text: '+,1' }] }) // 0.1 mm at 12
 */
export function checkLook({ radius, limit, offsets }: TypedLook): CheckedLook {
  const errors: Record<string, string> = {}
  const figure = (field: string, text: string, { label, leastMm, mostMm, help }: Asked): number | null => {
    const parsed = parseMm(text)
    const value = parsed.ok ? parsed.valueMm : null
    if (value !== null && value >= leastMm && value <= mostMm) return value
    errors[field] =
      value === null
        ? `${label}: ${text.trim() === '' ? 'is empty' : `“${text.trim().slice(0, 20)}” is no figure in mm`}. ${help}`
        : `${label}: ${formatMm(value)} mm; ${formatMm(leastMm)} to ${formatMm(mostMm)} mm are possible. ${help}`
    return null
  }
  const radiusMm = figure('radius', radius, RADIUS)
  const limitMm = limit.trim() === '' ? null : figure('limit', limit, LIMIT)
  const read = offsets.flatMap(({ hour, text }): HourOffset[] => {
    if (text.trim() === '') return []
    const offsetMm = figure(offsetField(hour), text, { ...OFFSET, label: `Offset at ${hour}` })
    return offsetMm === null ? [] : [{ hour, offsetMm }]
  })
  if (offsets.every(({ text }) => text.trim() === ''))
    errors['offsets'] = 'Offsets: none is read. Read one tick at least; four tell turned from off-centre.'
  return radiusMm === null || Object.keys(errors).length > 0
    ? { ok: false, errors }
    : { ok: true, radiusMm, limitMm, offsets: read }
}

interface Asked {
  readonly label: string
  readonly leastMm: number
  readonly mostMm: number
  /** what to do */
  readonly help: string
}

const RADIUS: Asked = {
  label: 'Radius',
  leastMm: LEAST_RADIUS_MM,
  mostMm: MOST_RADIUS_MM,
  help: 'Half the diameter at which the ticks meet.',
}

const LIMIT: Asked = {
  label: 'Owner’s limit',
  leastMm: LEAST_LIMIT_MM,
  mostMm: MOST_LIMIT_MM,
  help: 'Leave it empty for what an eye sees.',
}

const OFFSET: Omit<Asked, 'label'> = {
  leastMm: -MOST_OFFSET_MM,
  mostMm: MOST_OFFSET_MM,
  help: 'From the tick it belongs to, clockwise positive; a whole tick further is another tick.',
}
