'use client'
import { useEffectEvent, useLayoutEffect } from 'react'
import { burstEar } from './burstEar'
import type { Ear } from './Ear'
import { figureEar } from './figureEar'
import { scannerEar } from './scannerEar'

export interface KeysTold {
  /** a line with our prefix that is no label of ours */
  readonly onUnknownLabel: (line: string) => void
  /** a line of a device that nobody takes */
  readonly onUnknownLine: (line: string) => void
  /** a figure that no page takes */
  readonly onStrayFigure: (figure: string) => void
}

/**
 * The one place where keys come in, once for the whole product: a scanner's label first, then what a device sends that
 * nobody knows, then figures, for the page that reads them. What none of them keeps goes on to fields, buttons and
 * shortcuts. What was typed before the page answered comes in here, too, see earlyKeys.
 */
export function useKeyOwner({ onUnknownLabel, onUnknownLine, onStrayFigure }: KeysTold): void {
  const unknownLabel = useEffectEvent(onUnknownLabel)
  const unknownLine = useEffectEvent(onUnknownLine)
  const strayFigure = useEffectEvent(onStrayFigure)
  // Before the page answers: an effect after the paint would miss what is typed at once.
  useLayoutEffect(() => {
    /** those that hear a key pressed again: it has been past the others */
    let again: readonly Ear[] | null = null
    const figures = figureEar((figure) => strayFigure(figure))
    const bursts = burstEar({
      onRefused: (line) => unknownLine(line),
      pressAgain: (event) => {
        again = [figures]
        pressAgain(event)
        again = null
      },
    })
    const all: readonly Ear[] = [scannerEar((line) => unknownLabel(line)), bursts, figures]
    const onKey = (event: KeyboardEvent) => {
      const ears = again ?? all
      const keeper = ears.findIndex((ear) => ear.hear(event))
      if (keeper < 0) return
      ears.slice(keeper + 1).forEach((ear) => ear.missed())
      event.preventDefault()
      event.stopImmediatePropagation()
    }
    window.addEventListener('keydown', onKey, { capture: true })
    return () => {
      all.forEach((ear) => ear.stop())
      window.removeEventListener('keydown', onKey, { capture: true })
    }
  }, [])
}

/** Presses a key that was held back, where it was pressed. */
function pressAgain({ key, code, shiftKey, target }: KeyboardEvent): void {
  const at = target instanceof Element && target.isConnected ? target : document.body
  for (const type of ['keydown', 'keyup']) {
    at.dispatchEvent(new KeyboardEvent(type, { key, code, shiftKey, bubbles: true, cancelable: true }))
  }
}
