/** One field of a record a person fills in: the form, its validation and its limits all come from here. */
export type Field = FieldKind & {
  /** asked only while another field of the form holds one of these values, of several any; left empty otherwise */
  readonly shownWhen?: Shown | readonly Shown[]
}

export interface Shown {
  readonly field: string
  readonly isOneOf: readonly string[]
  /** but not while this holds */
  readonly unless?: Omit<Shown, 'unless'>
}

export interface ChoiceField {
  readonly kind: 'choice'
  readonly name: string
  readonly label: string
  readonly required: boolean
  readonly options: readonly Option[]
  /** some of the options only, by what another field holds; all where it says nothing */
  readonly narrowed?: Narrowed
  readonly help?: string
}

export interface Narrowed {
  readonly field: string
  /** options left, the usual one first, by what that field holds */
  readonly to: Readonly<Record<string, readonly string[]>>
}

type FieldKind =
  | FigureField
  | {
      readonly kind: 'text'
      readonly name: string
      readonly label: string
      readonly required: boolean
      readonly mostLength: number
      readonly multiline?: true
      readonly help?: string
    }
  | ChoiceField
  | {
      readonly kind: 'count'
      readonly name: string
      readonly label: string
      readonly required: boolean
      readonly least: number
      readonly most: number
      readonly unit?: string
      readonly help?: string
    }
  | {
      /** typed in whole units of the shop's money, kept in hundredths of them */
      readonly kind: 'money'
      readonly name: string
      readonly label: string
      readonly required: boolean
      /** in hundredths */
      readonly most: number
      readonly help?: string
    }
  | {
      /** several of the options; held as their values with commas between */
      readonly kind: 'many'
      readonly name: string
      readonly label: string
      readonly required: boolean
      readonly options: readonly Option[]
      readonly help?: string
    }
  | { readonly kind: 'flag'; readonly name: string; readonly label: string; readonly help?: string }
  | {
      readonly kind: 'date' | 'date-time'
      readonly name: string
      readonly label: string
      readonly required: boolean
      readonly help?: string
    }

export interface FigureField {
  readonly kind: 'figure'
  readonly name: string
  readonly label: string
  readonly required: boolean
  readonly leastMm: number
  readonly mostMm: number
  /** what the figure is when it is no length: a force, a share, a stress, so many times; mm when left out */
  readonly unit?:
    | 'mm'
    | 'N'
    | '%'
    | 'MPa'
    | '×'
    | '°'
    | 'bar'
    | 'cm³'
    | '°C'
    | 'µg/min'
    | 's'
    | 's/d'
    | 'ms'
    | 'N·m'
    | 'months'
    | 'µA'
  readonly help?: string
}

export interface Option {
  readonly value: string
  readonly label: string
}

/** Words that are written with their hyphen. */
const HYPHENED: Readonly<Record<string, string>> = { 'o-ring': 'O-ring' }

/** Options from words used in the code: `hardened-mineral` reads “hardened mineral”. */
export function optionsOf(values: readonly string[]): Option[] {
  return values.map((value) => ({ value, label: HYPHENED[value] ?? value.replaceAll('-', ' ') }))
}

/** The values behind a `many` field's text. */
export function manyOf(text: string): string[] {
  return text.split(',').filter(Boolean)
}

/** True when a field is asked, given what the others hold. */
export function isShown(field: Field, valueOf: (name: string) => unknown): boolean {
  return (
    field.shownWhen === undefined ||
    conditionsOf(field).some(
      (shown) => holds(shown, valueOf) && !(shown.unless && holds(shown.unless, valueOf)),
    )
  )
}

/** A field with the options that are left, given what the others hold; the usual one first. */
export function narrowedField(field: Field, valueOf: (name: string) => unknown): Field {
  if (field.kind !== 'choice' || field.narrowed === undefined) return field
  const by = valueOf(field.narrowed.field)
  if (typeof by !== 'string' || !Object.hasOwn(field.narrowed.to, by)) return field
  const left = field.narrowed.to[by] ?? []
  const options = left.flatMap((value) => field.options.filter((option) => option.value === value))
  return { ...field, options }
}

/** A flag's tick, as it is sent. */
export const TICKED: readonly unknown[] = [true, 'true', 'on']
/** What a field waits for that is asked while a flag is ticked. */
export const WHEN_TICKED = 'true'

function holds({ field, isOneOf }: Omit<Shown, 'unless'>, valueOf: (name: string) => unknown): boolean {
  const value = valueOf(field)
  const said = TICKED.includes(typeof value === 'string' ? value.trim() : value) ? WHEN_TICKED : value
  return typeof said === 'string' && isOneOf.includes(said)
}

/** What a field waits for; empty when it is always asked. */
export function conditionsOf({ shownWhen }: Field): readonly Shown[] {
  if (shownWhen === undefined) return []
  return 'field' in shownWhen ? [shownWhen] : shownWhen
}
