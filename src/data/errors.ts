/** SQLSTATE of a database error, on both drivers behind Drizzle's own error. */
function sqlState(error: unknown): string | undefined {
  if (typeof error !== 'object' || error === null) return undefined
  if ('code' in error && typeof error.code === 'string') return error.code
  return 'cause' in error ? sqlState(error.cause) : undefined
}

/** True when a row was refused because one like it exists. */
export function isUniqueViolation(error: unknown): boolean {
  return sqlState(error) === '23505'
}
