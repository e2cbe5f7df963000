/** What may be done to a piece that can harm it. */
export const PROCESSES = [
  'acetone-bath',
  'hot-water',
  'alcohol-wipe',
  'flame',
  'ultrasonic',
  'steel-pry',
] as const
export type Process = (typeof PROCESSES)[number]

export const PROCESS_WORDS: Readonly<Record<Process, string>> = {
  'acetone-bath': 'acetone bath',
  'hot-water': 'hot water with detergent',
  'alcohol-wipe': 'alcohol wipe',
  flame: 'flame',
  ultrasonic: 'ultrasonic cleaning',
  'steel-pry': 'prying with steel',
}

/** What a process can meet on a tray. */
export const SUBSTANCES = [
  'acrylic',
  'mineral',
  'sapphire',
  'ar-coat',
  'aluminium-insert',
  'ceramic-insert',
  'printed-pip',
  'rubber-gasket',
  'nylon-gasket',
  'leather-or-resin',
  'old-lume',
] as const
export type Substance = (typeof SUBSTANCES)[number]

export const SUBSTANCE_WORDS: Readonly<Record<Substance, string>> = {
  acrylic: 'acrylic crystal',
  mineral: 'mineral crystal',
  sapphire: 'sapphire crystal',
  'ar-coat': 'anti-reflective coat',
  'aluminium-insert': 'aluminium insert',
  'ceramic-insert': 'ceramic insert',
  'printed-pip': 'printed or luminous pip',
  'rubber-gasket': 'rubber seals',
  'nylon-gasket': 'nylon gasket',
  'leather-or-resin': 'leather or resin',
  'old-lume': 'old luminous paint',
}

export type Severity = 'allow' | 'warn' | 'block'

export interface Harm {
  readonly severity: Severity
  /** empty where nothing is known against it */
  readonly why: string
  /** what to protect, and how; empty when allowed or blocked */
  readonly protect: string
  readonly basis: 'common practice' | 'from memory'
}

const fine: Harm = { severity: 'allow', why: '', protect: '', basis: 'from memory' }
const warn = (why: string, protect: string): Harm => ({
  severity: 'warn',
  why,
  protect,
  basis: 'from memory',
})
const block = (why: string): Harm => ({ severity: 'block', why, protect: '', basis: 'from memory' })
/** A pry never meets these: there is nothing to say. */
const apart = fine

/** What harms what. Severities from memory except where a cell says otherwise; when in doubt, try on a spare part. */
export const HARM_TABLE: Readonly<Record<Process, Readonly<Record<Substance, Harm>>>> = {
  'acetone-bath': {
    acrylic: { ...block('acetone crazes and dissolves acrylic'), basis: 'common practice' },
    mineral: fine,
    sapphire: fine,
    'ar-coat': warn(
      'some coats lift in acetone',
      'keep the coated side out of the bath, or warn the owner first',
    ),
    'aluminium-insert': warn('dye and lacquer can bleed', 'try a drop on the back of the insert first'),
    'ceramic-insert': fine,
    'printed-pip': warn('print and pip can dissolve', 'lift the pip first, or keep it out of the bath'),
    'rubber-gasket': block('rubber that stays in acetone swells'),
    'nylon-gasket': fine,
    'leather-or-resin': block('acetone ruins leather and resin'),
    'old-lume': block('a bath carries the paint into the liquid, which is then radioactive waste'),
  },
  'hot-water': {
    acrylic: fine,
    mineral: fine,
    sapphire: fine,
    'ar-coat': fine,
    'aluminium-insert': fine,
    'ceramic-insert': fine,
    'printed-pip': fine,
    'rubber-gasket': fine,
    'nylon-gasket': fine,
    'leather-or-resin': warn('leather hardens', 'strap off first'),
    'old-lume': block('washing carries the paint away'),
  },
  'alcohol-wipe': {
    acrylic: warn('alcohol can craze stressed acrylic', 'a damp cloth, no dwell, dry at once'),
    mineral: fine,
    sapphire: fine,
    'ar-coat': fine,
    'aluminium-insert': fine,
    'ceramic-insert': fine,
    'printed-pip': warn('print can smear', 'wipe around it'),
    'rubber-gasket': fine,
    'nylon-gasket': fine,
    'leather-or-resin': warn('leather bleaches', 'strap off first'),
    'old-lume': block('wiping carries the paint away'),
  },
  flame: {
    acrylic: block('acrylic melts and burns'),
    mineral: warn(
      'mineral glass cracks when one spot is heated',
      'seconds at a time, move the flame, let it cool between',
    ),
    sapphire: fine,
    'ar-coat': block('heat destroys the coat'),
    'aluminium-insert': block('its dye burns near a flame'),
    'ceramic-insert': warn(
      'its adhesive lets go and a shock can crack it',
      'shield it, or take the insert off first',
    ),
    'printed-pip': block('print and pip burn near a flame'),
    'rubber-gasket': block('rubber burns near a flame'),
    'nylon-gasket': warn('nylon softens', 'few seconds, then look at the gasket'),
    'leather-or-resin': block('leather and resin burn'),
    'old-lume': block('heat loosens the paint into the air'),
  },
  ultrasonic: {
    acrylic: warn('fine cracks grow', 'only sound acrylic, a minute at a time'),
    mineral: fine,
    sapphire: fine,
    'ar-coat': warn('a worn coat flakes', 'wipe by hand instead'),
    'aluminium-insert': warn('worn dye flakes', 'take the insert off first'),
    'ceramic-insert': fine,
    'printed-pip': warn('a loose pip falls out', 'lift the pip first'),
    'rubber-gasket': warn('an old ring takes in liquid', 'rings out first'),
    'nylon-gasket': fine,
    'leather-or-resin': block('leather and resin are ruined'),
    'old-lume': { ...block('it shakes the paint loose into the bath'), basis: 'common practice' },
  },
  'steel-pry': {
    acrylic: apart,
    mineral: apart,
    sapphire: apart,
    'ar-coat': apart,
    'aluminium-insert': warn('aluminium bends', 'tape, enter at the gap only, lift evenly'),
    'ceramic-insert': { ...block('ceramic shatters when pried'), basis: 'common practice' },
    'printed-pip': apart,
    'rubber-gasket': apart,
    'nylon-gasket': apart,
    'leather-or-resin': apart,
    'old-lume': apart,
  },
}
