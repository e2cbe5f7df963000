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
]
