import type { Db } from '@/data/client'
import { allTesters } from '@/data/queries/dryRecords'
import { readDryCsv } from '@/io/csv/dryCsv'
import type { Refusal } from '../boundary'
import { refuse } from '../boundary'

type Hears = (text: string) => void

// Routes are bundled apart: what there is one of in this process hangs on its global object.
const shared = globalThis as unknown as { __whyalonTesters?: Map<number, Set<Hears>> }

function listeners(): Map<number, Set<Hears>> {
  return (shared.__whyalonTesters ??= new Map())
}

/** Has a page hear the records a tester sends. @returns stops listening */
export function hearTester(testerId: number, hear: Hears): () => void {
  const all = listeners()
  const those = all.get(testerId) ?? new Set()
  all.set(testerId, those.add(hear))
  return () => those.delete(hear)
}

/** Passes a tester's record on to the pages that listen. @returns how many did */
export async function passRecord(
  db: Db,
  testerId: number,
  text: string,
): Promise<{ ok: true; heard: number } | Refusal> {
  if (!(await allTesters(db)).some(({ id }) => id === testerId))
    return refuse('Tester: none has this number. Use the one shown in Settings.', 'tester')
  const file = readDryCsv(text)
  if (!file.ok) return refuse(file.against, 'record')
  const those = listeners().get(testerId) ?? new Set()
  for (const hear of those) hear(text)
  return { ok: true, heard: those.size }
}
