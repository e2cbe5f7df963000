/** SQLSTATE of a database error, on both drivers behind Drizzle's own error. */
function sqlState(error: unknown): string | undefined {
  if (!(error instanceof Error)) return undefined
  if ('code' in error && typeof error.code === 'string') return error.code
  return sqlState(error.cause)
}

/** True when a row was refused because one like it exists. */
export function isUniqueViolation(error: unknown): boolean {
  return sqlState(error) === '23505'
}
