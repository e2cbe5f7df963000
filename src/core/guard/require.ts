/** @throws RangeError unless `value` is a finite number. */
export function requireFinite(name: string, value: number, unit: string): void {
  if (!Number.isFinite(value))
    throw new RangeError(`${name}: expected a finite number in ${unit}, got ${value}`)
}

/** @throws RangeError unless `value` is finite and greater than zero. */
export function requirePositive(name: string, value: number, unit: string): void {
  if (!(value > 0) || !Number.isFinite(value)) {
    throw new RangeError(`${name}: expected > 0 ${unit}, got ${value}`)
  }
}

/** @throws RangeError unless `value` is finite and zero or more. */
export function requireNotNegative(name: string, value: number, unit: string): void {
  if (!(value >= 0) || !Number.isFinite(value)) {
    throw new RangeError(`${name}: expected >= 0 ${unit}, got ${value}`)
  }
}

/** @throws RangeError if the list is shorter than `least`. */
export function requireAtLeast(name: string, values: readonly unknown[], least: number): void {
  if (values.length < least) {
    throw new RangeError(`${name}: expected at least ${least} values, got ${values.length}`)
  }
}

/** Marks the unreachable branch of an exhaustive switch. @throws Error always */
export function assertNever(value: never): never {
  throw new Error(`unexpected value: ${JSON.stringify(value)}`)
}

/** @throws RangeError unless `value` is a whole number from `min` to `max`. */
export function requireInteger(
  name: string,
  value: number,
  { min, max }: { readonly min: number; readonly max: number },
): void {
  if (!Number.isInteger(value) || value < min || value > max) {
    throw new RangeError(`${name}: expected a whole number from ${min} to ${max}, got ${value}`)
  }
}
