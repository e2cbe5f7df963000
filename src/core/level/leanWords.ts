import { formatMm } from '../units/formatMm'
import type { PressLean } from './pressLean'
import { heavySideDeg, sideAt } from './pressLean'
import { tiltMm } from './RimHeight'

/** “pushes its left 0.04 ±0.01 further, from 12 jobs”, or why that is not known. */
export function leanWords(lean: PressLean | null): string {
  if (!lean) return 'how it leans is not known: rim heights of three jobs tell'
  const jobs = `${lean.jobs} jobs`
  if (!lean.isKnown) return `no lean beyond chance in ${jobs}`
  return `pushes its ${sideAt(heavySideDeg(lean))} ${leanText(lean)} further, from ${jobs}`
}

/** “0.04 ±0.01”. */
export function leanText({ tilt, standardUncertaintyMm }: PressLean): string {
  return `${formatMm(tiltMm(tilt))} ±${formatMm(2 * standardUncertaintyMm)}`
}
