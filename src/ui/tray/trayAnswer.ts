import type { Refusal } from '@/services/boundary'

/** What is shown while the server does not answer: a figure is still in the bar, anything else has to be done again. */
export const FIGURE_AWAY =
  'Not stored: Whyalon does not answer. The figure is still here; start it again and press Enter.'
const CHANGE_AWAY = 'Not stored: Whyalon does not answer. Start it again and do this once more.'

/** The server's answer, also where none comes. */
export function answerOf<Answer>(
  call: Promise<Answer | Refusal>,
  away = CHANGE_AWAY,
): Promise<Answer | Refusal> {
  return call.catch((): Refusal => ({ ok: false, errors: { form: away } }))
}

export function firstOf(errors: Readonly<Record<string, string>>): string {
  return Object.values(errors)[0] ?? 'Not stored, and no reason came. Try again.'
}
