import type { NotchShape } from '../construction/kinds'

/** The pin that fills each notch. Common practice. */
export const PIN_SHAPES: Readonly<Record<NotchShape, string>> = {
  square: 'flat pins as wide as the notch',
  round: 'round pins of the hole’s diameter',
  large: 'wide flat pins, so that they do not turn in the notch',
  tooth: 'tooth-shaped pins that fill the slope',
}
