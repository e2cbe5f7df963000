/** How a case back is held. */
export const BACK_KINDS = [
  'screw-notched',
  'screw-coin-edge',
  'screw-polygon',
  'snap',
  'plate-screws',
  'one-piece-front-loader',
] as const
export type BackKind = (typeof BACK_KINDS)[number]

/** Whether a back screws in as a whole, so that fingers hold it before a tool does. */
export function isScrewedBack(backKind: BackKind | null): boolean {
  return backKind?.startsWith('screw-') ?? false
}

/** False where case and back are one piece: everything goes in and out through the front. */
export function hasOwnBack(backKind: BackKind | null): boolean {
  return backKind !== 'one-piece-front-loader'
}

const SLIP =
  'A slipping tool scratches the case and cuts the hand: case in a holder, its pegs clear of crown and pushers. Straight down, slowly, no tilt; by hand first, the big press last.'

/** What can go wrong with each kind of back. Common practice throughout. */
export const BACK_CAUTIONS: Readonly<Record<BackKind, string>> = {
  'screw-notched': SLIP,
  'screw-coin-edge': SLIP,
  'screw-polygon': SLIP,
  snap: 'Blades slip: cut-resistant grip, the other hand never in front of the edge.',
  'plate-screws':
    'A driver narrower than the slot slips out of it: hold the case in a holder, not in the hand.',
  'one-piece-front-loader': 'Everything happens under the glass: eye protection.',
}
