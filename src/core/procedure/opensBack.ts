import type { Procedure } from './procedure'

/** True when the back comes off for this job. */
export function opensBack({ steps }: Pick<Procedure, 'steps'>): boolean {
  return steps.some(({ takesOff }) => takesOff.includes('back'))
}
