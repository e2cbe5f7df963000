import type { ForceLimit } from '../../press-run/pressCue'
import type { PusherStress } from './pusherStress'
import { chosenStress } from './pusherStress'

/**
 * Forces at which a hand is told to stop, whatever the run says: what its maker lets the press be brought to, and what
 * loads the crystal under the chosen die to the weak end of its strength.
 * @param stress - null where no pusher bears on a crystal, or it is not known
 */
export function forceLimits(
  { mostForceN }: { readonly mostForceN: number | null },
  stress: PusherStress | null,
): ForceLimit[] {
  const die = stress && chosenStress(stress)
  return [
    ...(mostForceN === null ? [] : [{ forceN: mostForceN, of: 'press' as const }]),
    // The plate's stress grows with the force.
    ...(stress && die && die.stressMPa > 0
      ? [{ forceN: (stress.forceN * stress.strength.lowMPa) / die.stressMPa, of: 'crystal' as const }]
      : []),
  ]
}
