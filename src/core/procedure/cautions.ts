/** Cautions as they stand beside a step. They defer to local rules and licensed practice. */
export const CAUTIONS = {
  splinters: 'Glass splinters and blades: eye protection, finger cots, cut-resistant grip.',
  slip: 'A slipping tool scratches the case and cuts the hand: case in a holder, its pegs clear of crown and pushers.',
  blade: 'Blades slip: cut-resistant grip, the other hand never in front of the edge.',
  press: 'Presses store energy: keep fingers clear. A cracked crystal can burst.',
  acetone:
    'Acetone is highly flammable: ventilate, lid on, no flame or spark near, off skin and eyes; store and dispose by local rules.',
  flame:
    'Flame: heatproof board, extinguisher at hand, nothing flammable near, no open solvent anywhere on the bench.',
  lume: 'Old luminous paint may be radium or tritium: do not scrape, sand or clean ultrasonically; follow the local radiation rules and leave it to specialists.',
  cell: 'Cells are a fire and swallowing hazard: tape the poles, out of reach of children, recycle by local rules.',
  water:
    'Test in a proper chamber, never an improvised one; dry before wet: a wet test can flood a movement. After any opening the old certification no longer holds.',
  wet: 'A wet test can flood a movement, and its danger is no less for a class on the dial: only after a dry test was passed, in a proper chamber. Air that comes out shows as bubbles; pressure off only with the piece out of the water.',
} as const
