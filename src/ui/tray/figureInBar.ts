import { formatMm } from '@/core/units/formatMm'
import type { ReadingQuestion, TraySession } from './traySession'

/** Whether a figure waits for its answer: what else is done meanwhile has answers of its own. */
export function onItsWay({ sending }: TraySession): boolean {
  return sending !== null
}

/** What a further key is added to: a figure that was refused or asked about is there to be read, not typed on. */
export function begun({ text, refused }: TraySession): string {
  return refused ? '' : text
}

/** A new figure answers no question: the one asked about is not taken, and that is said. */
export function settled({ question, note }: TraySession): string | null {
  return question ? `${formatMm(question.valueMm)} was not taken.` : note
}

/** The figure back in the bar: nothing typed is lost when a reading is refused or the server is away. */
export function sentBack(state: TraySession): TraySession {
  return { ...state, text: state.sending ?? state.text, sending: null, waiting: [], refused: true }
}

/** Names the figures that were typed while the one before was on its way: that one has the bar now. */
export function typedMeanwhile({ sending, waiting, text }: TraySession): string {
  const typed = [...waiting, text].filter((figure) => figure !== '')
  return sending !== null && typed.length > 0 ? ` Typed meanwhile: ${typed.join(', ')}.` : ''
}

export function withTyped(question: ReadingQuestion, state: TraySession): ReadingQuestion {
  return { ...question, message: question.message + typedMeanwhile(state) }
}
