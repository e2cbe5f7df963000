import { THICKNESS_PREFERENCES } from '../fit/fitPolicy'
import { GASKET_MATERIALS } from '../fit/parts'
import { optionsOf } from '../records/Field'
import type { PolicyField } from './PolicyField'
import { MM_ENDS, policyGroup, policyWindow } from './PolicyField'

const ACRYLIC = 'Acrylic'
const HEIGHT = 'Height and looks'
const IN_RING = 'Crystal in a ring: interference across'

/** How a crystal is held and how it stands, by construction. */
export const FIT_POLICY_FIELDS: readonly PolicyField[] = [
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
  ...policyGroup('Glass under a turned ring', [
    ...policyWindow({
      name: 'flatSqueeze',
      label: 'flat gasket squeezed',
      path: 'fit.flatSqueeze',
      least: 0,
      most: 60,
      unit: '%',
    }),
    ...policyWindow(
      { name: 'glassPlay', label: 'glass free in its rebate', path: 'fit.glassPlay', least: 0, most: 1 },
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
      label: 'rim to aim for',
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
]
