/** What a simulated dry tester can be told to show. */
export const ORDERED_DRY = [
  'tight',
  'leaks',
  'wide open',
  'near the limit',
  'too short',
  'stops midway',
] as const
export type OrderedDry = (typeof ORDERED_DRY)[number]
