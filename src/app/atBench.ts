import { cookies } from 'next/headers'
import { benchName } from '@/core/history/benchName'
import { BENCH_COOKIE } from '@/io/http/benchCookie'

export interface Worker {
  /** name or initials; null where nobody was named */
  readonly name: string | null
  /** false until somebody answered, be it with “not now” */
  readonly wasAsked: boolean
}

/** Who was said to work at the bench a request comes from. */
export async function workerHere(): Promise<Worker> {
  const kept = (await cookies()).get(BENCH_COOKIE)
  return { name: benchName(kept?.value), wasAsked: kept !== undefined }
}
