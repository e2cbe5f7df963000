import type { PressScene } from './PressScene'

/** What slides a crystal that leans up over its slide's force, as a share, along its hump: up slowly, then down. */
const HUMP_TOP = 0.55

/** Force a press asks where its pusher stands for the first time, before anything breaks. N. */
export function sceneForce(scene: PressScene, atMm: number): number {
  const { contactMm, slideMm, homeMm, slideStartN, slideEndN, seatStiffness } = scene
  if (atMm <= contactMm) return 0
  // A crystal without a ring that holds it lies on its seat a little further down, and nothing rises before.
  if (atMm <= slideMm) return (slideStartN * (atMm - contactMm)) / (slideMm - contactMm)
  const along = Math.min(1, (atMm - slideMm) / (homeMm - slideMm))
  const slide = slideStartN + (slideEndN - slideStartN) * along
  const force = slide * (1 + humpAt(scene, atMm) - stickAt(scene, atMm))
  return force + Math.max(0, atMm - homeMm) * seatStiffness
}

function humpAt({ hump, slideMm }: PressScene, atMm: number): number {
  if (!hump) return 0
  const along = (atMm - slideMm) / hump.lengthMm
  if (along <= 0 || along >= 1) return 0
  return hump.share * (along < HUMP_TOP ? along / HUMP_TOP : (1 - along) / (1 - HUMP_TOP))
}

/** A saw: it sticks and the force climbs, then slips. */
function stickAt({ stickSlip, stickSlipMm, slideMm, homeMm }: PressScene, atMm: number): number {
  if (atMm >= homeMm) return 0
  const phase = ((atMm - slideMm) / stickSlipMm) % 1
  return stickSlip * (1 - phase)
}
