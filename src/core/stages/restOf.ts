/** What is left of a stage once its main act is done. @param open - the first thing open in it; null where nothing is */
export function restOf(stage: string, open: string | null): string {
  return open === null ? `${stage} is done: go on` : `Still open: ${open}`
}
