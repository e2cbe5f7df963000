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

interface OpeningGuide {
  /** in working order */
  readonly steps: readonly string[]
  readonly caution: string
}

const SLIP =
  'A slipping tool scratches the case and cuts the hand: case in a holder, its pegs clear of crown and pushers.'
const STRAP = 'Strap or bracelet off first; spring bars kept together.'

/** How each kind of back is opened. Common practice throughout. */
export const OPENING_GUIDES: Readonly<Record<BackKind, OpeningGuide>> = {
  'screw-notched': {
    steps: [
      STRAP,
      'Pins that fill the notch: flat for square, round for drilled, wide for tooth-shaped ones.',
      'Preset the spacing below with the caliper, then close the pins onto the notches.',
      'Straight down, turn slowly, no tilt. By hand first, then the holder, the big press last.',
    ],
    caution: SLIP,
  },
  'screw-coin-edge': {
    steps: [
      STRAP,
      'Only the socket die that matches the knurled rim grips it: look in the die drawer.',
      'Press down while turning.',
    ],
    caution: SLIP,
  },
  'screw-polygon': {
    steps: [
      STRAP,
      'Socket with the same number of sides and the same width across flats.',
      'Press down while turning; a loose socket rounds the corners.',
    ],
    caution: SLIP,
  },
  snap: {
    steps: [
      STRAP,
      'Find the lip with a thin blade, all round.',
      'Case knife at the lip, twist, do not lever over the movement.',
      'Mark where the recess for the stem stands.',
    ],
    caution: 'Blades slip: cut-resistant grip, the other hand never in front of the edge.',
  },
  'plate-screws': {
    steps: [
      STRAP,
      'Clean the slots; a driver as wide as the slot.',
      'Loosen in the order below, a quarter turn each at first, so that the plate stays level.',
      'Keep the lengths apart.',
    ],
    caution: SLIP,
  },
  'one-piece-front-loader': {
    steps: [
      STRAP,
      'No back: the movement comes out through the front. Bezel or crystal first.',
      'Look for a split stem before anything is pulled.',
    ],
    caution: 'Everything happens under the glass: eye protection.',
  },
}
