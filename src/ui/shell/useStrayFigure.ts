'use client'
import { useEffectEvent, useLayoutEffect } from 'react'
import { figuresAreTaken } from './figureTakers'
import { isEditable } from './isEditable'

/** A key of a figure. */
const FIGURE_KEY = /^[0-9.,+-]$/
/** What an instrument sends after a figure: its unit, and the space before it. */
const UNIT_KEY = /^[mi n"]$/i
/** Keys of one burst lie no further apart than this, ms: an instrument sends its unit at once, a hand does not. */
const BURST_MS = 35
/** Whoever types a figure by hand is not slower than this between two keys, ms. From memory. */
const MOST_BETWEEN_MS = 2000

/**
 * Hears a figure, typed or sent by an instrument's data key, that nobody takes: on the Bench, in a list. Its Enter is
 * kept from every shortcut and button, which would open a tray or press what has the focus. To be called after the
 * scanner is listened to: the figures of a label are none.
 */
export function useStrayFigure(onStray: (figure: string) => void): void {
  const stray = useEffectEvent(onStray)
  useLayoutEffect(() => {
    let figure = ''
    let lastMs = -Infinity
    const onKey = (event: KeyboardEvent) => {
      const { key, timeStamp } = event
      // What a scanner sends has been dealt with by the time it comes here.
      const dealtWith = event.defaultPrevented || figuresAreTaken()
      const none = dealtWith || event.ctrlKey || event.metaKey || event.altKey
      if (none || isEditable(event.target) || timeStamp - lastMs > MOST_BETWEEN_MS) figure = ''
      const gapMs = timeStamp - lastMs
      lastMs = timeStamp
      if (none || isEditable(event.target)) return
      if (key === 'Enter' && /\d/.test(figure)) {
        event.preventDefault()
        event.stopPropagation()
        stray(figure)
        figure = ''
      } else if (FIGURE_KEY.test(key)) figure += key
      else if (/\d/.test(figure) && UNIT_KEY.test(key) && gapMs <= BURST_MS) {
        event.preventDefault()
        event.stopPropagation()
        figure += key
      } else if (key !== 'Shift') figure = ''
    }
    // Before the shortcuts: they listen on the document.
    window.addEventListener('keydown', onKey, { capture: true })
    return () => window.removeEventListener('keydown', onKey, { capture: true })
  }, [])
}
