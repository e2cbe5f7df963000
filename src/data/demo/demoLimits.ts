import { policyWith } from '@/core/policy/policyChanges'

/** The demo shop changed nothing in Settings. */
export const DEMO_LIMITS = policyWith({})
