import { BENCH_COOKIE } from '@/io/http/benchCookie'

const YEAR_S = 365 * 24 * 3600
/** Who does not want to be asked now is asked again on another day. */
const NOT_NOW_S = 12 * 3600

/** Keeps in this browser who works at it. @param name - empty where nobody wants to say */
export function keepBenchName(name: string): void {
  const seconds = name === '' ? NOT_NOW_S : YEAR_S
  document.cookie = `${BENCH_COOKIE}=${encodeURIComponent(name)}; path=/; max-age=${seconds}; SameSite=Strict`
}
