import type { Refusal } from '@/services/boundary'

/** What is shown where the server met an error of its own: what became of the change is read from the page anew. */
export const BROKE =
  'Not known whether this was stored: Whyalon met an error of its own, which its window names. Load the page again and look.'

/** What is shown while no answer comes. */
export const AWAY =
  'Whyalon does not answer. Whether the last entry was stored is not known yet: it is asked again by itself, and stored once. Figures typed meanwhile wait here.'

/** The server's answer, also where none comes. */
export function answerOf<Answer>(call: Promise<Answer | Refusal>, broke = BROKE): Promise<Answer | Refusal> {
  return call.catch((): Refusal => ({ ok: false, errors: { form: broke } }))
}

export function firstOf(errors: Readonly<Record<string, string>>): string {
  return Object.values(errors)[0] ?? 'Not stored, and no reason came. Try again.'
}
