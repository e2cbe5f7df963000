import { constructionOf } from '../../construction/constructions'
import { STRAIGHT } from '../Displacement'
import type { Remedy, ToHelp } from './Remedy'
import { byHandDeg, unturned } from './Remedy'

/** From memory, both. */
const CRYSTAL_TURNED_MINUTES = 35
const MAGNIFIER_MINUTES = 30
const MAGNIFIER_CURE_MINUTES = 60

/** A magnifier stands over its date by the crystal it is on, or by being set anew on it. */
export function crystalRemedies({ displacement, radiusMm, facts }: ToHelp): Remedy[] {
  const { bezel, pressed, held } = ofConstruction(facts)
  const byHand = byHandDeg(radiusMm)
  return [
    {
      id: 'crystal-turned',
      title: 'Turn the crystal in its seat',
      how:
        bezel === null
          ? 'out and in again, turned, with movement and stem in as reference'
          : 'bezel off, the crystal turned, bezel on light, looked at, as often as it takes',
      left: unturned(displacement),
      leftUncertaintyDeg: byHand,
      activeMinutes: CRYSTAL_TURNED_MINUTES,
      waitMinutes: 0,
      undo: 'by-work',
      risk: 'A ring that was pressed once more may not hold as before: look it over.',
      against: pressed || bezel !== null ? null : `It is ${held}: the bond has to come off before it turns.`,
    },
    {
      id: 'magnifier-reset',
      title: 'Magnifier off by heat, and set anew over the date',
      how: 'short bursts with cooling between; its centre from the date window, its axis from the stem',
      left: STRAIGHT,
      leftUncertaintyDeg: byHand,
      activeMinutes: MAGNIFIER_MINUTES,
      waitMinutes: MAGNIFIER_CURE_MINUTES,
      undo: 'by-work',
      risk:
        facts.crystalMaterial === 'mineral' || facts.crystalMaterial === 'hardened-mineral'
          ? 'Mineral glass may crack by heat: shorter bursts. Too much loosens the crystal: read its rim after.'
          : 'Too much heat loosens the crystal: read its rim after.',
      against: againstHeat(facts.crystalMaterial),
    },
  ]
}

function ofConstruction({ retention }: ToHelp['facts']) {
  const { bezel, pressed, words } = constructionOf(retention)
  return { bezel, pressed, held: words.held }
}

function againstHeat(material: ToHelp['facts']['crystalMaterial']): string | null {
  if (material === 'acrylic')
    return 'An acrylic crystal melts before the bond lets go: a new crystal with its magnifier.'
  return material === null
    ? 'Nobody said what the crystal is made of: heat is for sapphire, with care for mineral.'
    : null
}
