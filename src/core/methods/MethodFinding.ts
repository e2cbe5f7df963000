import type { Severity } from './harmTable'

export interface MethodFinding {
  /** what it is about, in words */
  readonly about: string
  readonly severity: Severity
  readonly why: string
  /** what to protect; of what is blocked, what would make it allowed; empty where nothing is to be done */
  readonly protect: string
}
