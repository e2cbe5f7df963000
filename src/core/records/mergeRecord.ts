import type { FieldValue } from './checkRecord'
import type { Field } from './Field'
import { formText } from './formText'

/** A form's values by field, as they stand in it. */
export type FormTexts = Readonly<Record<string, unknown>>

export interface MergedRecord {
  /** what was typed, with what was changed elsewhere in the fields nobody touched here */
  readonly fields: FormTexts
  /** sentences by field, where both changed it to something else; empty where none did */
  readonly conflicts: Readonly<Record<string, string>>
  /** what those fields hold by now, as a form shows it */
  readonly now: Readonly<Record<string, string | boolean>>
}

/** Longest value shown in a sentence, characters. */
const SHOWN = 40

/**
 * Brings a form together with its record where that was changed while the form was open: nobody's change is lost without
 * a word.
 * @param was - the form's values as it was opened
 * @param now - the record as it is kept now
 */
export function mergeRecord(
  fields: readonly Field[],
  { was, typed, now }: { was: FormTexts; typed: FormTexts; now: Readonly<Record<string, unknown>> },
): MergedRecord {
  const merged: Record<string, unknown> = { ...typed }
  const conflicts: Record<string, string> = {}
  const kept: Record<string, string | boolean> = {}
  for (const field of fields) {
    const { name, label } = field
    if (!Object.hasOwn(was, name) || !Object.hasOwn(typed, name)) continue
    const text = formText(field, now[name] as FieldValue | undefined)
    if (same(text, was[name]) || same(text, typed[name])) continue
    if (same(typed[name], was[name])) {
      merged[name] = text
      continue
    }
    conflicts[name] =
      `${label}: changed elsewhere to ${shown(text)}, was ${shown(was[name])} when this was opened. Take that, or store once more to keep yours.`
    kept[name] = text
  }
  return { fields: merged, conflicts, now: kept }
}

/** Alike to whoever reads it: spaces around a text are none of it. */
function same(one: unknown, other: unknown): boolean {
  return (typeof one === 'string' ? one.trim() : one) === (typeof other === 'string' ? other.trim() : other)
}

function shown(value: unknown): string {
  if (typeof value === 'boolean') return value ? 'ticked' : 'not ticked'
  const text = typeof value === 'string' ? value.trim() : ''
  if (text === '') return 'nothing'
  return `“${text.length > SHOWN ? `${text.slice(0, SHOWN)}…` : text}”`
}
