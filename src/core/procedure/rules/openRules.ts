import { BACK_CAUTIONS } from '../../opening/backKinds'
import { CAUTIONS } from '../cautions'
import type { StepRule } from '../Step'
import { backTools } from './backTools'

const BACK_TITLES = {
  'screw-notched': 'Unscrew the notched back',
  'screw-coin-edge': 'Unscrew the back by its knurled rim',
  'screw-polygon': 'Unscrew the back by its flats',
  snap: 'Snap the back off',
  'plate-screws': 'Loosen the back’s screws, opposite before neighbour',
  'one-piece-front-loader': 'No back',
} as const

/** A circuit cover lies over the cell of every digital movement that is reached from behind. */
export const hasCover: StepRule['when'] = ({ cellOut, frontLoader, facts }) =>
  cellOut && !frontLoader && (facts.movementKind === 'digital' || facts.movementKind === 'hands-and-digital')

/** Acetone soak of the face until the insert turns under the finger, minutes. Common practice. */
const SOAK_MINUTES = 60

/** Open: what needs a closed head comes first, then strap, shell, back and cell. */
export const OPEN_RULES: readonly StepRule[] = [
  {
    id: 'strap-off',
    stage: 'open',
    when: () => true,
    title: 'Strap or bracelet off, spring bars kept together',
    why: 'It gets in the way of every holder and press.',
    activeMinutes: 2,
    takesOff: ['strap'],
  },
  {
    id: 'insert-soak',
    stage: 'open',
    when: ({ insertWork, schools, facts }) =>
      insertWork && schools['insert-removal'].option === 'soak' && facts.insertHold !== 'friction',
    title: 'Soak the face for the insert, head still closed, crown down',
    why: 'The bath needs every seal sound and shut: it comes before anything is opened.',
    tools: ['flat tray with lid', 'acetone, level below the joint of the back'],
    cautions: [CAUTIONS.acetone],
    activeMinutes: 3,
    waitMinutes: SOAK_MINUTES,
    check: 'The insert turns under the finger; if not, soak again.',
    school: 'insert-removal',
  },
  {
    id: 'insert-lift',
    stage: 'open',
    when: ({ insertWork, schools }) => insertWork && schools['insert-removal'].option === 'soak',
    title: 'Turn the insert out with a fingertip, wipe the adhesive off',
    why: 'An old lump of adhesive tilts the new insert.',
    tools: ['pegwood', 'hot water and detergent'],
    activeMinutes: 12,
    takesOff: ['insert'],
    check: 'Seat bare and smooth.',
  },
  {
    id: 'shell-off',
    stage: 'open',
    when: ({ shellOff }) => shellOff,
    title: 'Resin shell off, its screws by length',
    why: 'It covers the back and the push-buttons; its screws often come in two lengths.',
    tools: ['driver as wide as the slot'],
    activeMinutes: 4,
    takesOff: ['shell-screw', 'shell'],
    check: 'Every shell screw is in the parts trail with its length.',
  },
  {
    id: 'back-off',
    stage: 'open',
    when: ({ backOff }) => backOff,
    title: ({ facts }) =>
      facts.backKind ? BACK_TITLES[facts.backKind] : 'Look how the back is held, then open it',
    why: 'The method goes by the kind of back; a wrong one scars it.',
    tools: ({ facts }, computed) => backTools(facts.backKind, computed),
    cautions: ({ facts }) => [facts.backKind ? BACK_CAUTIONS[facts.backKind] : CAUTIONS.slip],
    activeMinutes: 4,
    takesOff: ({ facts }) => (facts.backKind === 'plate-screws' ? ['back-screw', 'back'] : ['back']),
  },
  {
    id: 'note-tightness',
    stage: 'open',
    when: ({ backOff }) => backOff,
    title: 'Note how tight it was and what stood in the thread or lip',
    why: 'A back that came off too easily is a finding and goes in the report.',
    activeMinutes: 1,
  },
  {
    id: 'back-parts-apart',
    stage: 'open',
    when: ({ backOff, facts }) => backOff && facts.twoPartBack,
    title: 'Two-part back: disc out of its ring',
    why: 'Dirt hides between the parts and keeps the seal from closing.',
    activeMinutes: 3,
  },
  {
    id: 'back-seal-out',
    stage: 'open',
    when: ({ backOff, facts }) => backOff && facts.backSeal !== 'none',
    title: 'Back seal out, looked at, kept to be measured',
    why: 'Cracked, flattened or stretched means replace; the old one tells the size.',
    activeMinutes: 1,
    takesOff: ['back-seal'],
  },
  {
    id: 'cover-off',
    stage: 'open',
    when: hasCover,
    title: 'Circuit cover, buzzer spring and contacts off in order, its screws alternately',
    why: 'A lost spring leaves a silent or dead module.',
    activeMinutes: 3,
    takesOff: ['circuit-cover'],
    check: 'Every cover screw is in the parts trail.',
  },
  {
    id: 'cell-out',
    stage: 'open',
    when: ({ cellOut }) => cellOut,
    title: 'Cell out',
    why: 'No current while the movement is handled; a leaking cell is found now.',
    tools: ['plastic tweezers'],
    cautions: [CAUTIONS.cell],
    activeMinutes: 2,
    takesOff: ['cell'],
    check: 'No leak on the contacts.',
  },
]
