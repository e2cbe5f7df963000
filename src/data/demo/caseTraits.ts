/** What several invented cases have in common. */

export const TENSION = {
  retention: 'tension-gasket',
  gasketSection: 'I',
  gasketMaterial: 'nylon',
  caseMaterial: 'steel',
} as const
/** Crown on a tube, its ring between them. */
export const CROWN = { crownTubeMm: 2, crownBoreMm: 3 } as const
/** Back with an O-ring in a groove. */
export const O_RING_BACK = {
  backRingSectionMm: 0.8,
  backRingInnerMm: 29.5,
  backGrooveInnerMm: 29.4,
  backGrooveWidthMm: 1.05,
  backGrooveDepthMm: 0.6,
} as const
/** A back's thread outside its O-ring. */
export const FINE_THREAD = { backThreadMm: 32, backPitchMm: 0.35 } as const
export const MECHANICAL = {
  movementKind: 'mechanical',
  stemRelease: 'push-pin',
  stemReleaseCrown: 'in',
  movementHold: 'clamps',
} as const
export const QUARTZ = {
  movementKind: 'quartz',
  stemRelease: 'dot',
  stemReleaseCrown: 'hand-setting',
  movementHold: 'spacers',
} as const
export const TURNING = {
  bezelKind: 'rotating-click',
  insertHold: 'adhesive',
  crownKind: 'screw-down',
} as const
export const FLAT = { crystalProfile: 'flat', undersideRiseMm: 0 } as const
