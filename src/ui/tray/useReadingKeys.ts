'use client'
import { useLayoutEffect } from 'react'
import { takeFigures } from '../shell/figureTakers'
import { isEditable } from '../shell/isEditable'

export interface ReadingKeys {
  /** false while a dialog is open: keys are the dialog's then */
  readonly active: boolean
  /** a figure typed anywhere on the page */
  readonly onFigure: (character: string) => void
  readonly onBackspace: () => void
  /** Enter pressed where nothing else takes it */
  readonly onEnter: () => void
}

const FIGURE = /^[0-9.,+-]$/

/** Sends figures typed anywhere to the reading bar, so that an instrument's data key needs no focus. */
export function useReadingKeys({ active, onFigure, onBackspace, onEnter }: ReadingKeys): void {
  // Before the page answers: an effect after the paint would miss the first figure of a quick hand.
  useLayoutEffect(() => {
    if (!active) return
    const onKeyDown = (event: KeyboardEvent) => {
      if (
        event.defaultPrevented ||
        event.ctrlKey ||
        event.metaKey ||
        event.altKey ||
        isEditable(event.target)
      )
        return
      if (FIGURE.test(event.key)) {
        event.preventDefault()
        onFigure(event.key)
      } else if (event.key === 'Backspace') {
        event.preventDefault()
        onBackspace()
      } else if (event.key === 'Enter' && event.target === document.body) {
        onEnter()
      }
    }
    const noLonger = takeFigures()
    document.addEventListener('keydown', onKeyDown)
    return () => {
      noLonger()
      document.removeEventListener('keydown', onKeyDown)
    }
  }, [active, onFigure, onBackspace, onEnter])
}
