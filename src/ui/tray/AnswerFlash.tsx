import { keyframes, styled } from '@mui/material/styles'
import type { Flash } from './flash'

const fade = keyframes({ from: { opacity: 0.45 }, to: { opacity: 0 } })

/** The whole bar lights up once, green for a figure taken and red for one refused, and fades. */
export const AnswerFlash = styled('div', {
  shouldForwardProp: (name) => name !== 'answered' && name !== 'count',
})<Flash>(({ theme, answered }) => ({
  position: 'absolute',
  inset: 0,
  // Behind the words: what was refused is read while it fades.
  zIndex: -1,
  pointerEvents: 'none',
  backgroundColor: answered === 'taken' ? theme.vars.palette.success.main : theme.vars.palette.error.main,
  opacity: 0,
  animation: `${fade} 700ms ease-out`,
  '@media (prefers-reduced-motion: reduce)': { animation: 'none' },
}))
