import type { Ear } from './Ear'
import type { FigureTaker } from './figureTakers'
import { figureTaker } from './figureTakers'
import { isAtRest } from './isAtRest'
import { isEditable } from './isEditable'
import { isModified } from './isModified'

/** A key of a figure. */
const FIGURE_KEY = /^[0-9.,+-]$/
/** What an instrument sends after a figure: its unit, and the space before it. */
const UNIT_KEY = /^[mi n"]$/i
/** Keys of one burst lie no further apart than this, ms: an instrument sends its unit at once, a hand does not. */
const BURST_MS = 35
/** Whoever types a figure by hand is not slower than this between two keys, ms. From memory. */
const MOST_BETWEEN_MS = 2000

/**
 * Hands figures to the page that takes them. One that nobody takes, on the Bench or in a list, is told of, and its Enter
 * is kept from every shortcut and button: it would open a tray or press what has the focus.
 */
export function figureEar(onStray: (figure: string) => void): Ear {
  let figure = ''
  let lastMs = -Infinity
  const stray = ({ key, timeStamp }: KeyboardEvent): boolean => {
    const gapMs = timeStamp - lastMs
    lastMs = timeStamp
    if (gapMs > MOST_BETWEEN_MS) figure = ''
    if (key === 'Enter' && /\d/.test(figure)) {
      onStray(figure)
      figure = ''
      return true
    }
    const isUnit = /\d/.test(figure) && UNIT_KEY.test(key) && gapMs <= BURST_MS
    if (FIGURE_KEY.test(key) || isUnit) figure += key
    else if (key !== 'Shift') figure = ''
    return isUnit
  }
  return {
    hear(event) {
      const taker = figureTaker()
      if (taker === undefined && !isModified(event) && !isEditable(event.target)) return stray(event)
      figure = ''
      if (taker && !isModified(event) && !isEditable(event.target)) taken(taker, event)
      return false
    },
    missed: () => {
      figure = ''
    },
    stop: () => undefined,
  }
}

/** A key goes on after the page took it, but scrolls, types and goes back by nothing. */
function taken({ onFigure, onBackspace, onEnter }: FigureTaker, event: KeyboardEvent): void {
  if (FIGURE_KEY.test(event.key)) {
    event.preventDefault()
    onFigure(event.key)
  } else if (event.key === 'Backspace') {
    event.preventDefault()
    onBackspace()
  } else if (event.key === 'Enter' && isAtRest(event.target)) onEnter()
}
