export const PANIC_STATUS: number
export function keptRestarts(): { mayBegin(nowMs: number): boolean }
