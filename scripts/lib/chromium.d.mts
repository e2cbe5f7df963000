export function findChromium(): string | undefined
export function ensureChromium(): Promise<void>
