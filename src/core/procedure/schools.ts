/** Where practitioners differ. Each school has a default for the case at hand and every alternative stays open. */
export const SCHOOLS = {
  'crystal-gasket': {
    question: 'Crystal gasket',
    options: {
      'renew-when-damaged': 'new when cut, split, hard, or when the crystal broke',
      'renew-always': 'always new',
      'keep-if-sound': 'the old one again if it looks perfect',
      'up-to-3-years': 'the old one again up to 3 years old, if it looks perfect',
      'up-to-5-years': 'the old one again up to 5 years old, if it looks perfect',
      'up-to-10-years': 'the old one again up to 10 years old, if it looks perfect',
    },
  },
  'bezel-removal': {
    question: 'Bezel off by',
    options: {
      'plastic-lever': 'a nylon or ABS lever',
      'four-jaw': 'a four-jaw remover',
      'steel-blade': 'a steel blade',
      'grip-ball': 'a rubber grip ball',
    },
  },
  'insert-removal': {
    question: 'Insert off',
    options: {
      'push-out': 'bezel off first, pushed out from behind',
      soak: 'bezel stays on, the head’s face soaks in acetone',
      blade: 'bezel stays on, a thin blade under its edge',
    },
  },
  'insert-fixing': {
    question: 'Insert on',
    options: {
      'flexible-cement': 'clear flexible cement by needle',
      'double-sided-ring': 'pre-cut double-sided ring',
      'backed-insert': 'insert backed with adhesive',
    },
  },
  'bezel-at-the-press': {
    question: 'Bezel while pressing',
    options: { off: 'taken off first', protected: 'left on and protected' },
  },
  'ring-fixing': {
    question: 'Chapter ring held by',
    options: {
      'cement-dots': 'three to six small dots of flexible cement',
      'crystal-clamps': 'the crystal, pressed a little further home',
    },
  },
  'hands-and-fragments': {
    question: 'Hands and fragments',
    options: {
      'hands-off': 'hands off to clean under them',
      'look-first': 'look under them, off only if needed',
    },
  },
  'back-seal': {
    question: 'Back seal',
    options: { renew: 'new at every opening', 'keep-if-sound': 'cleaned and greased if sound' },
  },
  'wet-test': {
    question: 'Wet test',
    options: { 'dry-only': 'none: the dry one is enough', 'after-dry': 'after a dry one that was passed' },
  },
} as const satisfies Record<string, School>

/** Schools that go by the age of the old crystal gasket: how old it may be to go back, years. */
export const MOST_RING_YEARS: Readonly<Record<string, number>> = {
  'up-to-3-years': 3,
  'up-to-5-years': 5,
  'up-to-10-years': 10,
}

interface School {
  readonly question: string
  readonly options: Readonly<Record<string, string>>
}

export type SchoolId = keyof typeof SCHOOLS
export const SCHOOL_IDS = Object.keys(SCHOOLS) as readonly SchoolId[]

/** Options chosen by hand on this tray; a school left out follows its default. */
export type SchoolChoices = Readonly<Partial<Record<SchoolId, string>>>

export interface SchoolStand {
  readonly option: string
  readonly because: string
  /** false where practice leaves no choice */
  readonly open: boolean
  /** options that are not open here, each with why; left out where all are */
  readonly against?: Readonly<Record<string, string>>
}
