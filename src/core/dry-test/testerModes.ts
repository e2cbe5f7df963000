/** What a dry tester puts a case under. */
export const TESTER_MODES = ['overpressure', 'vacuum'] as const
export type TesterMode = (typeof TESTER_MODES)[number]
