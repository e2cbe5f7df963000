import { THICKNESS_PREFERENCES } from '../fit/fitPolicy'
import { CRYSTAL_MATERIALS, GASKET_MATERIALS } from '../fit/parts'
import { optionsOf } from '../records/Field'
import type { PolicyField } from './PolicyField'
import { MM_ENDS, policyGroup, policyWindow } from './PolicyField'

const ACRYLIC = 'Acrylic'
const HEIGHT = 'Height and looks'
const IN_RING = 'Crystal in a ring: interference across'

const CHAPTER_WORDS = { outer: 'outside', inner: 'inside', height: 'height' } as const

/** Every limit a shop may set, in the order of the work. */
export const POLICY_FIELDS: readonly PolicyField[] = [
  ...GASKET_MATERIALS.flatMap((material) =>
    policyGroup(
      IN_RING,
      policyWindow(
        {
          name: `interference-${material}`,
          label: material,
          path: `fit.interferenceBands.${material}`,
          least: 0,
          most: 0.5,
        },
        MM_ENDS,
      ),
      material === 'nylon' ? 'common practice' : 'from memory',
    ),
  ),
  ...policyGroup(
    'Ring between bezel and glass: squeeze',
    GASKET_MATERIALS.flatMap((material) =>
      policyWindow({
        name: `neck-${material}`,
        label: material,
        path: `fit.neckSqueezeBands.${material}`,
        least: 0,
        most: 60,
        unit: '%',
      }),
    ),
  ),
  ...policyGroup(ACRYLIC, [
    ...policyWindow({
      name: 'skirt',
      label: 'skirt squeezed',
      path: 'fit.skirtSqueeze',
      least: 0,
      most: 30,
      unit: '%',
    }),
    {
      name: 'crazeStrain',
      label: 'crazes from strain',
      path: 'fit.crazeStrain',
      least: 0.1,
      most: 5,
      unit: '%',
    },
    { name: 'snapGripMm', label: 'in a groove, least oversize', path: 'fit.snapGripMm', least: 0, most: 0.5 },
    ...policyWindow(
      {
        name: 'tensionRingWindow',
        label: 'oversize with a metal ring',
        path: 'fit.tensionRingWindow',
        least: 0,
        most: 0.5,
      },
      MM_ENDS,
    ),
  ]),
  ...policyGroup('Cemented', [
    ...policyWindow(
      { name: 'cementGap', label: 'gap a side', path: 'fit.cementGap', least: 0, most: 0.5 },
      MM_ENDS,
    ),
    {
      name: 'cementUnderMm',
      label: 'cement under the crystal',
      path: 'fit.cementUnderMm',
      least: 0,
      most: 0.5,
    },
  ]),
  ...policyGroup(HEIGHT, [
    {
      name: 'rimWindow-lowMm',
      label: 'rim sunk, at most',
      path: 'fit.rimWindow.lowMm',
      least: -1,
      most: 0,
    },
    {
      name: 'rimWindow-highMm',
      label: 'rim proud, at most',
      path: 'fit.rimWindow.highMm',
      least: 0,
      most: 1,
    },
    { name: 'flushMm', label: 'called flush within', path: 'fit.flushMm', least: 0.01, most: 0.5 },
    {
      name: 'minimumHandClearanceMm',
      label: 'least room over the hands',
      path: 'fit.minimumHandClearanceMm',
      least: 0.05,
      most: 1,
    },
  ]),
  {
    field: {
      kind: 'choice',
      name: 'thicknessPreference',
      label: 'when none is flush',
      required: true,
      options: optionsOf(THICKNESS_PREFERENCES),
    },
    group: HEIGHT,
    source: 'common practice',
    get: ({ fit }) => fit.thicknessPreference,
    set: ({ fit, ...policy }, value) => ({
      ...policy,
      fit: {
        ...fit,
        thicknessPreference:
          THICKNESS_PREFERENCES.find((preference) => preference === value) ?? fit.thicknessPreference,
      },
    }),
  },
  {
    field: {
      kind: 'text',
      name: 'preferredColour',
      label: 'ring colour',
      required: false,
      mostLength: 20,
      help: 'where the case sheet asks for none; empty takes any',
    },
    group: HEIGHT,
    source: 'common practice',
    get: ({ fit }) => fit.preferredColour,
    set: ({ fit, ...policy }, value) => ({ ...policy, fit: { ...fit, preferredColour: String(value) } }),
  },
  ...policyGroup('Size verdict', [
    {
      name: 'verdict-maker',
      label: 'makers keep a diameter within, standard deviation',
      path: 'verdict.makerUncertaintyMm',
      least: 0.001,
      most: 0.1,
    },
    {
      name: 'verdict-wrongCrystal',
      label: 'came in with the wrong crystal',
      path: 'verdict.wrongCrystalChance',
      least: 0,
      most: 50,
      unit: '%',
    },
    {
      name: 'verdict-wrongRange',
      label: 'a wrong crystal is off by at most',
      path: 'verdict.wrongCrystalRangeMm',
      least: 0.1,
      most: 2,
    },
  ]),
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
  ...policyGroup('Strength of a crystal', [
    {
      name: 'strength-factor',
      label: 'safe from, weak strength over stress',
      path: 'strength.safetyFactor',
      least: 1,
      most: 20,
      unit: '×',
    },
    ...CRYSTAL_MATERIALS.flatMap((material) =>
      policyWindow({
        name: `strength-${material}`,
        label: `${material.replace('-', ' ')} bears`,
        path: `strength.strengthMPa.${material}`,
        least: 5,
        most: 3000,
        unit: 'MPa',
      }),
    ),
  ]),
]
