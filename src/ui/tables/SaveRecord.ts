import type { Refusal } from '@/services/boundary'
import type { RecordKind } from '@/services/shop/records'

/** Stores a record; given to the lists by their route. `id` null makes a new one. */
export type SaveRecord = (
  kind: RecordKind,
  id: number | null,
  input: unknown,
) => Promise<{ ok: true } | Refusal>
