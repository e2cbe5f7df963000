import { formatMm } from '@/core/units/formatMm'
import type { ReadingQuestion } from '@/services/tray/takeReading'

/** What the bar holds: the figure being typed, those on their way, and what was said of the last. */
export interface FigureInBar {
  readonly text: string
  /** the figure on its way to the server; what is typed meanwhile is the next one */
  readonly sending: string | null
  /** figures that were ended with Enter while one was on its way: they go after it, in order */
  readonly waiting: readonly string[]
  readonly question: ReadingQuestion | null
  readonly error: string | null
  /** the figure in the bar was refused or asked about: what is typed next takes its place */
  readonly refused: boolean
  /** what was done to the last figure, as that inches were converted */
  readonly note: string | null
}

/** Whether a figure waits for its answer: what else is done meanwhile has answers of its own. */
export function onItsWay({ sending }: FigureInBar): boolean {
  return sending !== null
}

/** What a further key is added to: a figure that was refused or asked about is there to be read, not typed on. */
export function begun({ text, refused }: FigureInBar): string {
  return refused ? '' : text
}

/** A new figure answers no question: the one asked about is not taken, and that is said. */
export function settled({ question, note }: FigureInBar): string | null {
  return question ? `${formatMm(question.valueMm)} was not taken.` : note
}

/** The figure back in the bar: nothing typed is lost when a reading is refused or the server is away. */
export function sentBack<T extends FigureInBar>(state: T): T {
  return { ...state, text: state.sending ?? state.text, sending: null, waiting: [], refused: true }
}

/** Names the figures that were typed while the one before was on its way: that one has the bar now. */
export function typedMeanwhile({ sending, waiting, text }: FigureInBar): string {
  const typed = [...waiting, text].filter((figure) => figure !== '')
  return sending !== null && typed.length > 0 ? ` Typed meanwhile: ${typed.join(', ')}.` : ''
}

export function withTyped(question: ReadingQuestion, state: FigureInBar): ReadingQuestion {
  return { ...question, message: question.message + typedMeanwhile(state) }
}
