import { CAUTIONS } from '../procedure/cautions'
import type { StepRule } from '../procedure/Step'

/** A crystal in a bore of the case comes out by a pusher from inside. Common practice. */
export const pressedOut: StepRule = {
  id: 'crystal-out',
  stage: 'push-out',
  when: ({ crystalToRemove }) => crystalToRemove,
  title: ({ facts }) =>
    facts.crystalState === 'shattered'
      ? 'Take out what is left of the crystal'
      : 'Press the crystal out from inside',
  why: 'Support outside the crystal, room for it to fall; a snap is normal.',
  tools: ({ facts }, { pushOut }) =>
    facts.crystalState === 'shattered'
      ? ['tweezers', 'pegwood']
      : pushOut.length > 0
        ? pushOut
        : ['support outside the crystal', 'pusher inside, clear of a chapter ring'],
  cautions: [CAUTIONS.splinters, CAUTIONS.press],
  activeMinutes: 4,
  takesOff: ['crystal'],
}
