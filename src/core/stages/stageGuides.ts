import type { StageId } from './stages'

/** What a stage settles and what to look at before going on. All common practice. */
export interface StageGuide {
  /** what to do, in a few words */
  readonly next: string
  readonly settles: string
  readonly checks: readonly string[]
  readonly caution: string | null
}

const SPLINTERS = 'Glass splinters and blades: eye protection, finger cots, cut-resistant grip.'

/** Stages with a bench of their own (measure, match, press in) have none here. */
export const STAGE_GUIDES: Readonly<Partial<Record<StageId, StageGuide>>> = {
  intake: {
    next: 'Take in: which case, what is broken, what was promised',
    settles: 'Which case this is, what is broken and what was promised.',
    checks: [
      'Broken crystal: crown to the hand-setting position or cell out, at once. A shard between hand and dial strips a running train.',
      'Say now what cannot be saved: gouges in the dial, scratches on the hands.',
      'Everyday piece or diver, and the class on the dial: both decide the tests at the end.',
    ],
    caution: 'Old luminous paint on dial or hands: do not scrape or sand; follow the local radiation rules.',
  },
  open: {
    next: 'Open the back',
    settles: 'The back is off and its thread or lip is known.',
    checks: [
      'Strap or bracelet off first; spring bars kept together.',
      'Notched back: pins that fit the notch, straight down, slowly, no tilt. Snap back: find the lip with a blade, then the knife.',
      'How tight was it? A back that came off too easily is a finding.',
    ],
    caution:
      'A slipping tool scratches the case and cuts the hand: hold the case in a holder, pegs off crown and pushers.',
  },
  decase: {
    next: 'Take the movement out, every part in its place',
    settles: 'The movement is out, under cover, and every part that came off has its place.',
    checks: [
      'Stem out by its release: light pressure, crown in. Never force it.',
      'Clamps or case screws: some are screwed in to let go.',
      'Screws by length, clamps, spacers, ring, gasket: laid out in order.',
      'Movement under the dust cover.',
    ],
    caution: null,
  },
  'push-out': {
    next: 'Press the old crystal out',
    settles: 'The old crystal is out and nothing else moved.',
    checks: [
      'Thickness was measured before this: crystals break on the way out.',
      'Support outside the crystal, on bezel or case, with room for it to fall through.',
      'Pusher inside, clear of a chapter ring. Gentle: a snap is normal.',
    ],
    caution: SPLINTERS,
  },
  clean: {
    next: 'Clean the seat, inspect gasket and dial',
    settles: 'Seat, gasket and new crystal are clean and sound.',
    checks: [
      'Every fragment out of dial, hands and case, with putty and air.',
      'Gasket: cut, split, warped or hard means replace. Glass edges cut it when the crystal broke.',
      'Seat clean: dirt in the recess makes the new crystal sit high.',
      'Clean the new crystal even if it came packed. Never touch the underside.',
    ],
    caution: SPLINTERS,
  },
  align: {
    next: 'Align magnifier, chapter ring and insert',
    settles: 'Magnifier, chapter ring and insert stand true to the dial.',
    checks: [
      'Date magnifier over the date, the stem as the axis.',
      'Chapter ring to the dial at 12 and 6.',
      'Insert pip to 12, bezel zero on a click.',
    ],
    caution: null,
  },
  close: {
    next: 'Movement in, underside inspected, back on',
    settles: 'Movement in, back on, no part left over.',
    checks: [
      'Underside of the glass inspected before closing: a speck found later means opening again.',
      'Back gasket clean, thinly greased, seated, not pinched.',
      'Screw back by hand first; snap back with support and a pusher on its rim.',
      'Tray empty: every part that came off is on again.',
    ],
    caution: 'Presses store energy: keep fingers clear.',
  },
  prove: {
    next: 'Prove it: crown, rim, pressure test, run',
    settles: 'It works and it is tight, with a date and a figure.',
    checks: [
      'Crown through all positions, hands free, buttons working.',
      'Rim even all round under the loupe.',
      'Pressure test in a proper chamber, dry before wet. After any opening the old certification no longer holds.',
      'Mechanical pieces run for a day.',
    ],
    caution: 'Never improvise a pressure test; a wet test can flood a movement.',
  },
  'hand-back': {
    next: 'Tell the owner and hand back',
    settles: 'The owner knows what was found, done and tested.',
    checks: [
      'Found, replaced, measured and not repairable, in plain words.',
      'Water-resistance advice by tested result and its date, not by what the dial says.',
    ],
    caution: null,
  },
}
