/** One thing that may be seen when a step is done. */
export interface StepAnswer {
  readonly words: string
  /** false where the step is not done by it: it stays open, and says what was seen */
  readonly good: boolean
}

/** What a step asks when it is said to be done: a tick alone would not tell what was seen. */
export interface StepQuestion {
  /** as “Result” */
  readonly asks: string
  /** the good ones first */
  readonly answers: readonly StepAnswer[]
  /** what is written beside the answer, and whether it must be; null where the answer says it all */
  readonly detail: { readonly label: string; readonly needed: boolean } | null
}

/** What was said of a step, the newest alone. */
export interface StepSaid {
  /** answer and detail in one, as “tight: 10 bar, 0.02 mm” */
  readonly words: string
  readonly good: boolean
  /** ISO time */
  readonly at: string
}

/** A step with what was seen of it: “Pressure test, dry, at 5 bar (leaks: 5 bar, by 4)”. */
export function withSaid(title: string, said: StepSaid | undefined): string {
  return said ? `${title} (${said.words})` : title
}

/** Longest detail, characters: a line of the record. */
export const MOST_DETAIL = 120

export interface StepAnswered {
  readonly answer: string
  readonly detail: string
}

/**
 * Judges an answer to a step's question.
 * @returns its words for the record and whether the step is done by it, or why it says nothing
 */
export function answeredAs(
  question: StepQuestion,
  { answer, detail }: StepAnswered,
): { readonly ok: true; readonly words: string; readonly good: boolean } | { ok: false; against: string } {
  const found = question.answers.find(({ words }) => words === answer)
  const written = detail.trim()
  if (!found) {
    const choices = question.answers.map(({ words }) => words).join(', ')
    return { ok: false, against: `${question.asks}: say which, ${choices}. A tick alone tells nobody.` }
  }
  if (question.detail?.needed && written === '')
    return { ok: false, against: `${question.detail.label}: is empty. Write what was read.` }
  return { ok: true, words: [found.words, written].filter(Boolean).join(': '), good: found.good }
}
