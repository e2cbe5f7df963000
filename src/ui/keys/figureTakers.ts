'use client'
import { useLayoutEffect } from 'react'

/** A page that reads figures typed anywhere on it, so that an instrument's data key needs no focus. */
export interface FigureTaker {
  readonly onFigure: (character: string) => void
  readonly onBackspace: () => void
  /** Enter pressed where nothing else takes it */
  readonly onEnter: () => void
}

const takers: FigureTaker[] = []

/** Who takes the figures typed now: the page that said so last; undefined while none does. */
export function figureTaker(): FigureTaker | undefined {
  return takers.at(-1)
}

/** Says that figures are taken, until the function returned is called. */
export function takeFigures(taker: FigureTaker): () => void {
  takers.push(taker)
  return () => {
    takers.splice(takers.indexOf(taker), 1)
  }
}

/**
 * Takes the figures typed on a page.
 * @param active - false while a dialog is open: keys are the dialog's then
 */
export function useFigures(active: boolean, { onFigure, onBackspace, onEnter }: FigureTaker): void {
  // Before the page answers: an effect after the paint would miss the first figure of a quick hand.
  useLayoutEffect(
    () => (active ? takeFigures({ onFigure, onBackspace, onEnter }) : undefined),
    [active, onFigure, onBackspace, onEnter],
  )
}
