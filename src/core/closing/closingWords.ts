import type { Fractions } from '../fit/Window'
import type { Finding } from '../intake/Finding'
import { isTightness } from '../intake/Finding'
import { isTightnessFinding } from '../intake/jobWords'
import type { BackClosing } from './backClosing'
import type { ClosingRing } from './closingRing'
import type { ClosingPolicy } from './closingPolicy'

/** One figure with what it is. */
export interface ClosingLine {
  readonly what: string
  readonly is: string
}

/** A torque of a back, in words. */
export function torqueText({ low, high }: Fractions): string {
  return `${low.toFixed(2)}–${high.toFixed(2)} N·m`
}

/** What brings a back home, a line each. */
export function closingLines(closing: BackClosing): ClosingLine[] {
  const { homeNm, tightenNm, ringLoadN, fromTouchDeg } = closing
  const tighten = tightenNm.greased
  return [
    { what: 'Ring’s load, back home', is: newtons(ringLoadN) },
    { what: 'Metal meets metal at', is: `${torqueText(homeNm.greased)}, greased` },
    {
      what: 'Tighten to',
      is: tighten
        ? torqueText(tighten)
        : 'no torque is sure: friction and load are not known well enough. Go by the angle',
    },
    ...(tightenNm.dry ? [{ what: 'With a dry thread', is: torqueText(tightenNm.dry) }] : []),
    { what: 'From the ring’s first touch', is: degreesText(fromTouchDeg) },
    { what: 'Past hand-tight', is: pastHandText(closing) },
  ]
}

/** “171 N”; “60–110 N” where it is known between two. */
function newtons({ low, high }: Fractions): string {
  const [from, to] = [Math.round(low), Math.round(high)]
  return from === to ? `${to} N` : `${from}–${to} N, by how far its faces slip`
}

/** How far past hand-tight, in words. */
export function pastHandText({ pastHandDeg: { low, high } }: BackClosing): string {
  if (Math.round(high) === 0) return 'fingers bring it home; the tool only makes it snug'
  return `${Math.round(low)}–${degreesText(high)} with the tool, then it stops on metal`
}

function degreesText(degrees: number): string {
  return `${Math.round(degrees)}°`
}

/** What speaks against closing as things are, and what to do about it. */
export function closingTroubles(
  ring: ClosingRing,
  findings: readonly Pick<Finding, 'kind' | 'words'>[],
): string[] {
  const troubles: string[] = []
  if (ring.failures.length > 0) troubles.push(`${ring.words}: ${ring.failures.join('; ')}.`)
  if (
    findings.some(
      ({ kind, words }) => kind === 'back-tightness' && isTightness(words) && isTightnessFinding(words),
    )
  )
    troubles.push(
      'This back came off too easily: clean both threads, look at the ring’s seat, and see that it reaches its torque now.',
    )
  if (findings.some(({ kind }) => kind === 'thread'))
    troubles.push(
      'Something was found in the thread: a thread that is not clean takes up the torque before the ring is home. Turn it by hand first; go by the angle too.',
    )
  return troubles
}

/** What the band rests on, said beside it. */
export function closingBasis({ friction, handNm, timesRing }: ClosingPolicy): string {
  const window = ({ low, high }: Fractions) => `${low.toFixed(2)}–${high.toFixed(2)}`
  return `Friction ${window(friction.greased)} greased, ${window(friction.dry)} dry; fingers ${window(handNm)} N·m; the thread under ${timesRing.low}–${timesRing.high} times its ring’s load: from memory, to be set by the shop. The case maker’s own torque goes before all of it.`
}
