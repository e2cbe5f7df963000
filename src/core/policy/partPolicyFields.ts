import { GASKET_MATERIALS } from '../fit/parts'
import type { PolicyField } from './PolicyField'
import { MM_ENDS, policyGroup, policyWindow } from './PolicyField'

const CHAPTER_WORDS = { outer: 'outside', inner: 'inside', height: 'height' } as const

/** Seals, inserts, bezels and chapter rings in their places. */
export const PART_POLICY_FIELDS: readonly PolicyField[] = [
  ...policyGroup('O-ring in its groove', [
    ...policyWindow({
      name: 'seal-squeeze',
      label: 'squeeze',
      path: 'seal.squeeze',
      least: 1,
      most: 60,
      unit: '%',
    }),
    {
      name: 'seal-stretch',
      label: 'stretch, most',
      path: 'seal.stretch.high',
      least: 0.5,
      most: 20,
      unit: '%',
    },
    { name: 'seal-fill', label: 'fill, most', path: 'seal.mostFill', least: 50, most: 100, unit: '%' },
  ]),
  ...policyGroup('Flat back gasket in its recess', [
    ...GASKET_MATERIALS.flatMap((material) =>
      policyWindow({
        name: `flat-${material}`,
        label: `${material} squeezed`,
        path: `flat.squeeze.${material}`,
        least: 0,
        most: 60,
        unit: '%',
      }),
    ),
    { name: 'flat-fill', label: 'fill, most', path: 'flat.mostFill', least: 50, most: 100, unit: '%' },
    ...policyWindow({
      name: 'flat-loose',
      label: 'loose round the inner wall',
      path: 'flat.looseMm',
      least: -1,
      most: 2,
    }),
  ]),
  ...policyGroup('Insert in its recess', [
    ...policyWindow(
      {
        name: 'insert-adhesive',
        label: 'room a side, glued',
        path: 'bezel.outerRoom.adhesive',
        least: -0.1,
        most: 1,
      },
      MM_ENDS,
    ),
    ...policyWindow(
      {
        name: 'insert-friction',
        label: 'room a side, pressed in',
        path: 'bezel.outerRoom.friction',
        least: -0.2,
        most: 0.5,
      },
      MM_ENDS,
    ),
    ...policyWindow(
      { name: 'insert-inner', label: 'room a side within', path: 'bezel.innerRoom', least: -0.1, most: 1 },
      MM_ENDS,
    ),
    ...policyWindow(
      { name: 'insert-flush', label: 'against the edge', path: 'bezel.flush', least: -1, most: 1 },
      MM_ENDS,
    ),
    {
      name: 'insert-ringInside',
      label: 'cut ring inside its edges',
      path: 'bezel.ringInsideMm',
      least: 0,
      most: 2,
    },
  ]),
  ...policyGroup('Bezel and chapter ring', [
    ...policyWindow(
      { name: 'bezel-pressOn', label: 'press-on band', path: 'bezel.pressOn', least: 0, most: 0.5 },
      MM_ENDS,
    ),
    ...policyWindow(
      { name: 'bezel-turning', label: 'room of a turning one', path: 'bezel.turning', least: 0, most: 1 },
      MM_ENDS,
    ),
    {
      name: 'bezel-clear',
      label: 'opening clear of the crystal by',
      path: 'bezel.clearOfCrystalMm',
      least: 0,
      most: 2,
    },
    {
      name: 'bezel-ringOuter',
      label: 'its ring’s outside against its inside, within',
      path: 'fit.ringToBezelMm',
      least: 0.05,
      most: 1,
    },
    { name: 'bezel-keys', label: 'keys within', path: 'bezel.keyWithinMm', least: 0.01, most: 0.5 },
    ...(['outer', 'inner', 'height'] as const).flatMap((size) =>
      policyWindow(
        {
          name: `chapter-${size}`,
          label: `chapter ring against the old one, ${CHAPTER_WORDS[size]}`,
          path: `bezel.chapterRing.${size}`,
          least: -1,
          most: 1,
        },
        MM_ENDS,
      ),
    ),
  ]),
  ...policyGroup('New part beside the old one', [
    {
      name: 'old-setWithin',
      label: 'O-ring has set, over its gap by less than',
      path: 'seal.oldRing.setWithin',
      least: 0,
      most: 40,
      unit: '%',
    },
    {
      name: 'old-squeeze',
      label: 'a set O-ring was squeezed when new',
      path: 'seal.oldRing.usualSqueeze',
      least: 5,
      most: 50,
      unit: '%',
    },
    {
      name: 'old-stretch',
      label: 'an O-ring is stretched when new',
      path: 'seal.oldRing.usualStretch',
      least: 0,
      most: 10,
      unit: '%',
    },
    {
      name: 'old-flattened',
      label: 'O-ring flattened, section differs by more than',
      path: 'seal.oldRing.flattenedMm',
      least: 0.01,
      most: 0.5,
    },
    {
      name: 'like-oRingInner',
      label: 'O-ring’s inside within',
      path: 'seal.likeOld.inner',
      least: 0.5,
      most: 15,
      unit: '%',
    },
    {
      name: 'like-oRingSection',
      label: 'O-ring’s section within',
      path: 'seal.likeOld.sectionMm',
      least: 0.01,
      most: 0.5,
    },
    {
      name: 'old-flatSetWithin',
      label: 'flat gasket has set, over its gap by less than',
      path: 'flat.setWithin',
      least: 0,
      most: 40,
      unit: '%',
    },
    {
      name: 'like-flatInner',
      label: 'flat gasket’s inside within',
      path: 'flat.likeOld.innerMm',
      least: 0.05,
      most: 2,
    },
    {
      name: 'like-flatThickness',
      label: 'flat gasket’s thickness within',
      path: 'flat.likeOld.thicknessMm',
      least: 0.01,
      most: 0.5,
    },
    {
      name: 'like-ringWall',
      label: 'bezel ring’s wall within',
      path: 'fit.wallLikeOldMm',
      least: 0.01,
      most: 0.3,
    },
    {
      name: 'like-bezelInner',
      label: 'bezel’s inside within, neck not measured',
      path: 'bezel.likeOldMm',
      least: 0.01,
      most: 0.5,
    },
  ]),
]
