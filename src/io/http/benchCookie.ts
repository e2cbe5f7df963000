/** Name of the cookie in which a browser keeps who works at it. */
export const BENCH_COOKIE = 'whyalon-bench'
