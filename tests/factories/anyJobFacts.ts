import fc from 'fast-check'
import {
  AR_COATINGS,
  BACK_SEALS,
  BEZEL_ENTRIES,
  BEZEL_KINDS,
  CHAPTER_RINGS,
  CROWN_KINDS,
  INSERT_HOLDS,
  INSERT_MATERIALS,
  MAGNIFIERS,
  MOVEMENT_HOLDS,
  MOVEMENT_KINDS,
  RETENTIONS,
  STEM_RELEASES,
} from '@/core/construction/kinds'
import { CRYSTAL_MATERIALS } from '@/core/fit/parts'
import { ASKED_FOR } from '@/core/intake/jobWords'
import { BACK_KINDS } from '@/core/opening/backKinds'
import { CRYSTAL_STATES } from '@/core/intake/crystalStates'
import { LEAK_PLACES } from '@/core/dry-test/LeakPlace'
import { OWN_PART_IDS } from '@/core/own-parts/OwnPart'
import type { JobFacts } from '@/core/procedure/JobFacts'

/** Every job there can be: cases and wishes in any mixture. */
export const anyJobFacts: fc.Arbitrary<JobFacts> = fc.record({
  retention: fc.constantFrom(...RETENTIONS),
  caseMaterial: fc.constantFrom('steel', 'brass', null),
  bezelKind: fc.constantFrom(...BEZEL_KINDS),
  bezelEntry: fc.constantFrom(...BEZEL_ENTRIES, null),
  insertMaterial: fc.constantFrom(...INSERT_MATERIALS),
  insertHold: fc.constantFrom(...INSERT_HOLDS, null),
  bezelClicks: fc.constantFrom(60, 120, null),
  magnifier: fc.constantFrom(...MAGNIFIERS),
  arCoating: fc.constantFrom(...AR_COATINGS),
  chapterRing: fc.constantFrom(...CHAPTER_RINGS),
  backKind: fc.constantFrom(...BACK_KINDS, null),
  twoPartBack: fc.boolean(),
  backSeal: fc.constantFrom(...BACK_SEALS),
  notchShape: fc.constant(null),
  crownKind: fc.constantFrom(...CROWN_KINDS),
  stemRelease: fc.constantFrom(...STEM_RELEASES, null),
  stemReleaseCrown: fc.constantFrom('in', 'date', null),
  movementKind: fc.constantFrom(...MOVEMENT_KINDS),
  movementHold: fc.constantFrom(...MOVEMENT_HOLDS, null),
  crystalState: fc.constantFrom(...CRYSTAL_STATES),
  crystalMaterial: fc.constantFrom(...CRYSTAL_MATERIALS, null),
  crystalProfile: fc.constantFrom('flat', null),
  gasketPresent: fc.boolean(),
  gasketAgeYears: fc.option(fc.integer({ min: 0, max: 20 })),
  unfit: fc.subarray([...OWN_PART_IDS]),
  ownBack: fc.subarray([...OWN_PART_IDS]),
  oldLume: fc.boolean(),
  looseMarkers: fc.boolean(),
  sealsDoubtful: fc.boolean(),
  pushers: fc.boolean(),
  leaksSuspected: fc.subarray([...LEAK_PLACES]),
  asked: fc.subarray([...ASKED_FOR]),
  classBar: fc.constantFrom(null, 3, 5, 10, 20),
  diver: fc.boolean(),
  use: fc.constantFrom('dress', 'diver'),
  shopSchools: fc.constantFrom(
    {},
    { 'crystal-gasket': 'renew-always' },
    { 'crystal-gasket': 'up-to-5-years' },
    { 'back-seal': 'renew' },
  ),
})
