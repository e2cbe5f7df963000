import type { PartKind } from '../parts/parts'
import { PART_KINDS } from '../parts/parts'

/** What a label's code stands for. */
export type ScanTarget =
  | { readonly kind: 'tray'; readonly number: number }
  | { readonly kind: 'drawer'; readonly drawer: string }
  | { readonly kind: 'part'; readonly part: PartKind; readonly code: string }

/** What every code on a Whyalon label starts with, so that a scanner's line is told from typing. */
export const SCAN_PREFIX = 'WH:'

/** The text of a label's code. @example scanCode({ kind: 'tray', number: 214 }) // 'WH:T:214' */
export function scanCode(target: ScanTarget): string {
  switch (target.kind) {
    case 'tray':
      return `${SCAN_PREFIX}T:${target.number}`
    case 'drawer':
      return `${SCAN_PREFIX}D:${target.drawer}`
    case 'part':
      return `${SCAN_PREFIX}P:${target.part}:${target.code}`
  }
}

/** Reads a scanned line; null for one that is no label of ours. */
export function readScan(text: string): ScanTarget | null {
  const match = /^WH:([TDP]):(.+)$/.exec(text.trim())
  const rest = match?.[2]
  if (!match || rest === undefined) return null
  if (match[1] === 'T') return /^\d{1,9}$/.test(rest) ? { kind: 'tray', number: Number(rest) } : null
  if (match[1] === 'D') return { kind: 'drawer', drawer: rest }
  const [kind, ...code] = rest.split(':')
  const part = PART_KINDS.find((known) => known === kind)
  return part && code.length > 0 ? { kind: 'part', part, code: code.join(':') } : null
}

/** The page a scanned label leads to. */
export function addressOf(target: ScanTarget): string {
  switch (target.kind) {
    case 'tray':
      return `/trays/${target.number}`
    case 'drawer':
      return `/drawers?find=${encodeURIComponent(`@${target.drawer}`)}`
    case 'part':
      return `/drawers?kind=${target.part}&find=${encodeURIComponent(target.code)}`
  }
}
