import { CRYSTAL_MATERIALS } from '../fit/parts'
import { USES } from '../intake/jobWords'
import { FIT_POLICY_FIELDS } from './fitPolicyFields'
import { PART_POLICY_FIELDS } from './partPolicyFields'
import type { PolicyField } from './PolicyField'
import { policyGroup, policyWindow } from './PolicyField'

/** Every limit a shop may set, in the order of the work. */
export const POLICY_FIELDS: readonly PolicyField[] = [
  ...FIT_POLICY_FIELDS,
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
    {
      name: 'verdict-piece',
      label: 'pieces of one reference scatter, standard deviation',
      path: 'verdict.pieceScatterMm',
      least: 0.001,
      most: 0.2,
    },
  ]),
  ...PART_POLICY_FIELDS,
  ...policyGroup('Level of a rim', [
    {
      name: 'level-tilt',
      label: 'highest less lowest, most',
      path: 'level.mostTiltMm',
      least: 0.01,
      most: 0.5,
    },
  ]),
  ...policyGroup('Straight', [
    {
      name: 'straight-seen',
      label: 'a tick off by no more is not seen',
      path: 'straight.seenMm',
      least: 0.02,
      most: 1,
    },
  ]),
  ...policyGroup('Force over travel of a press', [
    {
      name: 'press-over',
      label: 'too much once home, over the slide',
      path: 'pressRun.overMarginN',
      least: 20,
      most: 3000,
      unit: 'N',
    },
    {
      name: 'press-loose',
      label: 'a slide of less holds nothing',
      path: 'pressRun.looseN',
      least: 5,
      most: 300,
      unit: 'N',
    },
    {
      name: 'press-crack',
      label: 'lost at once by a crack, at least',
      path: 'pressRun.crackShare',
      least: 5,
      most: 80,
      unit: '%',
    },
    {
      name: 'press-cocked',
      label: 'fall along the slide that says leaning, at least',
      path: 'pressRun.cockedShare',
      least: 5,
      most: 80,
      unit: '%',
    },
  ]),
  ...policyGroup('Hands over a dial', [
    { name: 'hands-gap', label: 'room between them, least', path: 'hands.leastGapMm', least: 0, most: 0.5 },
    { name: 'hands-thick', label: 'thickness of a hand', path: 'hands.thicknessMm', least: 0.05, most: 0.5 },
  ]),
  ...policyGroup('Screwing a back home', [
    ...policyWindow({
      name: 'closing-hand',
      label: 'fingers bring',
      path: 'closing.handNm',
      least: 0.05,
      most: 2,
      unit: 'N·m',
    }),
    ...policyWindow({
      name: 'closing-load',
      label: 'thread under so many times its ring’s load',
      path: 'closing.timesRing',
      least: 1,
      most: 20,
      unit: '×',
    }),
  ]),
  ...policyGroup('Dry test', [
    {
      name: 'dry-limit',
      label: 'tight up to so much air',
      path: 'dryTest.limitUgPerMin',
      least: 5,
      most: 500,
      unit: 'µg/min',
    },
    {
      name: 'dry-pass',
      label: 'passes from so sure',
      path: 'dryTest.passFrom',
      least: 80,
      most: 99.9,
      unit: '%',
    },
    {
      name: 'dry-fail',
      label: 'fails from so sure',
      path: 'dryTest.failFrom',
      least: 80,
      most: 99.9,
      unit: '%',
    },
  ]),
  ...policyGroup('How a movement runs', [
    {
      name: 'rate-mechanical',
      label: 'mechanical, off by at most',
      path: 'running.mechanicalSPerDay',
      least: 2,
      most: 120,
      unit: 's/d',
    },
    {
      name: 'rate-quartz',
      label: 'quartz, off by at most',
      path: 'running.quartzSPerDay',
      least: 0.1,
      most: 10,
      unit: 's/d',
    },
    {
      name: 'amplitude',
      label: 'amplitude, at least',
      path: 'running.leastAmplitudeDeg',
      least: 120,
      most: 320,
      unit: '°',
    },
    {
      name: 'beat-error',
      label: 'beat error, at most',
      path: 'running.mostBeatErrorMs',
      least: 0.1,
      most: 10,
      unit: 'ms',
    },
    {
      name: 'current',
      label: 'a quartz movement draws, at most',
      path: 'running.mostCurrentUa',
      least: 0.1,
      most: 100,
      unit: 'µA',
    },
  ]),
  ...policyGroup(
    'Seals looked at again',
    USES.map((use) => ({
      name: `care-${use}`,
      label: `of a ${use} watch, after`,
      path: `care.sealMonths.${use}`,
      least: 1,
      most: 120,
      unit: 'months' as const,
    })),
  ),
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
