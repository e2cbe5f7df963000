/** The day the demo world of the tests plays on. */
export const DEMO_DAY = new Date('2026-11-24T00:00:00Z')

/** Where the folder with the demo world lies, beside the empty one. */
export function demoFolder(empty: string): string {
  return `${empty}-demo`
}
