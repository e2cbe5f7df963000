import type { CrystalState } from '@/core/readings/readingPlan'
import type { PressOutcome } from '@/core/press/pressPlan'
import type { FindingKind } from '@/core/intake/Finding'
import type { Scope } from '@/core/methods/assessMethod'
import type { Process } from '@/core/methods/harmTable'
import type { StageId } from '@/core/stages/stages'
import type { SizeMark, TrailPartId } from '@/core/trail/parts'
import type { NewTray } from '../queries/trays'

/** How far a demo tray got at the bench. */
export type DemoProgress =
  | { kind: 'opened' }
  /** this many readings of the plan taken; more than the plan has takes all */
  | { kind: 'measured'; readings: number }
  | { kind: 'picked' }
  | { kind: 'pressed'; outcomes: readonly PressOutcome[]; press: 'lever' | 'screw'; note: string }

export interface DemoPart {
  readonly part: TrailPartId
  readonly count?: number
  readonly size?: SizeMark
  readonly clockHour?: number
}

type DemoIntake = Partial<
  Pick<
    NewTray,
    | 'asked'
    | 'foundMaterial'
    | 'waterClass'
    | 'use'
    | 'wear'
    | 'promises'
    | 'looseMarkers'
    | 'steamedUp'
    | 'schools'
  >
>

export interface DemoTray {
  readonly number: number
  /** maker and reference of the case sheet */
  readonly caseName: string
  readonly owner: string
  readonly ownerMark: string
  readonly complaint: string
  readonly crystalState: CrystalState
  readonly oldLume?: boolean
  readonly intake?: DemoIntake
  /** what came off; it is back on when the tray is past closing */
  readonly trail?: readonly DemoPart[]
  /** a bath or flame in use now, since this many minutes before the demo's hour */
  readonly inUse?: { readonly process: Process; readonly scope: Scope; readonly minutesAgo: number }
  /** findings, as written down at the bench */
  readonly found?: readonly (readonly [FindingKind, string])[]
  /** true draws a made-up picture of the piece as it came in */
  readonly pictured?: true
  readonly stage: StageId
  /** days from the demo's day */
  readonly openedDay: number
  readonly dueDay: number
  readonly dueHour: number
  readonly progress: DemoProgress
}

const FLEET = 'Skerrow Ferry Line'
const DECKWATCH = 'Harrowmere Deckwatch 38'
const ALL: DemoProgress = { kind: 'measured', readings: 99 }
const CRACKED_STATES: readonly CrystalState[] = ['shattered', 'cracked', 'whole', 'shattered', 'cracked']

/** What comes off a deckwatch before its movement lies on the cushion. */
const DECKWATCH_TRAIL: readonly DemoPart[] = [
  { part: 'strap' },
  { part: 'spring-bar', count: 2 },
  { part: 'back' },
  { part: 'back-seal' },
  { part: 'stem', clockHour: 3 },
  { part: 'clamp', count: 2 },
  { part: 'screw', count: 2, size: 'short' },
  { part: 'ring' },
  { part: 'movement' },
]

const DIGITAL_TRAIL: readonly DemoPart[] = [
  { part: 'strap' },
  { part: 'spring-bar', count: 2 },
  { part: 'shell-screw', count: 4, size: 'long' },
  { part: 'shell-screw', count: 2, size: 'short' },
  { part: 'shell' },
  { part: 'back-screw', count: 4, size: 'short' },
  { part: 'back' },
  { part: 'back-seal' },
  { part: 'cell' },
]

/** The line's deckwatches of the past year: one about every four weeks. */
const PAST_FLEET: readonly DemoTray[] = [350, 322, 297, 270, 241, 214, 188, 160, 131, 104, 77, 49, 21].map(
  (daysAgo, i): DemoTray => {
    const broke = i === 4
    return {
      number: 150 + 4 * i,
      caseName: DECKWATCH,
      owner: FLEET,
      ownerMark: `ferry no. ${[3, 11, 17, 8, 22, 5, 14, 17, 9, 2, 19, 11, 6][i]}`,
      complaint: broke ? 'Crystal cracked right across, fell out at the pier' : 'Crystal broken on duty',
      crystalState: CRACKED_STATES[i % CRACKED_STATES.length] ?? 'cracked',
      intake: { waterClass: '5-bar', wear: 4 + (i % 4) },
      trail: DECKWATCH_TRAIL,
      stage: 'hand-back',
      openedDay: -daysAgo,
      dueDay: -daysAgo + 3,
      dueHour: 16,
      progress: {
        kind: 'pressed',
        outcomes: broke ? ['cracked', 'home'] : i === 8 ? ['high-on-one-side', 'home'] : ['home'],
        press: i % 5 === 3 ? 'screw' : 'lever',
        note: broke ? 'First one cracked: a crumb of old glass left on the seat.' : '',
      },
    }
  },
)

function past(number: number, caseName: string, owner: string, daysAgo: number): DemoTray {
  return {
    number,
    caseName,
    owner,
    ownerMark: '',
    complaint: 'Scratched crystal',
    crystalState: 'whole',
    stage: 'hand-back',
    openedDay: -daysAgo,
    dueDay: -daysAgo + 4,
    dueHour: 12,
    progress: { kind: 'pressed', outcomes: ['home'], press: 'screw', note: '' },
  }
}

/** Invented trays: a year behind the bench and sixteen trays in hand today. */
export const DEMO_TRAYS: readonly DemoTray[] = [
  ...PAST_FLEET,
  past(153, 'Quillfen Tidal 4', 'Maren Oddvik', 300),
  past(159, 'Harrowmere Purser 34', FLEET, 260),
  past(167, 'Vessalin Evening', 'Ilse Tarnow', 200),
  past(175, 'Quillfen Field 3', 'Bram Hollis', 140),
  past(183, 'Oakmantle Dual', 'Edda Quist', 90),
  past(191, 'Harrowmere Purser 34', FLEET, 60),
  {
    number: 205,
    caseName: 'Oakmantle Dual',
    owner: 'Edda Quist',
    ownerMark: '',
    complaint: 'Steamed up after a swim',
    crystalState: 'whole',
    intake: { asked: ['crystal', 'reseal'], waterClass: '10-bar', wear: 6 },
    stage: 'prove',
    openedDay: -4,
    dueDay: 1,
    dueHour: 10,
    progress: {
      kind: 'pressed',
      outcomes: ['home'],
      press: 'screw',
      note: 'Turned five quarters, rim even.',
    },
  },
  {
    number: 209,
    caseName: 'Sundrake Depth 4',
    owner: 'Jory Penhale',
    ownerMark: 'diver',
    complaint: 'Chipped at 4 by a winch handle',
    crystalState: 'cracked',
    intake: { waterClass: 'diver', use: 'diver', wear: 7 },
    trail: DECKWATCH_TRAIL,
    stage: 'align',
    openedDay: -3,
    dueDay: 0,
    dueHour: 14,
    progress: { kind: 'pressed', outcomes: ['home'], press: 'lever', note: '' },
  },
  {
    number: 212,
    caseName: 'Harrowmere Purser 34',
    owner: FLEET,
    ownerMark: 'purser no. 4',
    complaint: 'Crystal loose, turns by hand',
    crystalState: 'whole',
    stage: 'press-in',
    openedDay: -2,
    dueDay: 0,
    dueHour: 16,
    progress: { kind: 'picked' },
  },
  {
    number: 214,
    caseName: DECKWATCH,
    owner: FLEET,
    ownerMark: 'ferry no. 17',
    complaint: 'Struck the rail, crystal in pieces',
    crystalState: 'shattered',
    intake: { waterClass: '5-bar', wear: 7, promises: 'Ready for the Friday crew' },
    trail: DECKWATCH_TRAIL,
    pictured: true,
    found: [
      ['cannot-repair', 'gouge by 4 on the dial, from the rail'],
      ['back-tightness', 'usual'],
    ],
    stage: 'match',
    openedDay: -2,
    dueDay: 1,
    dueHour: 16,
    progress: ALL,
  },
  {
    number: 216,
    caseName: 'Quillfen Field 3',
    owner: 'Bram Hollis',
    ownerMark: '',
    complaint: 'Deep scratch over 9',
    crystalState: 'whole',
    stage: 'match',
    openedDay: -1,
    dueDay: 2,
    dueHour: 12,
    progress: ALL,
  },
  {
    number: 217,
    caseName: 'Quillfen Tidal 4',
    owner: 'Maren Oddvik',
    ownerMark: '',
    complaint: 'Crack from 2 to 7',
    crystalState: 'cracked',
    stage: 'measure',
    openedDay: -1,
    dueDay: 1,
    dueHour: 17,
    progress: { kind: 'measured', readings: 8 },
  },
  {
    number: 218,
    caseName: 'Vessalin Evening',
    owner: 'Ilse Tarnow',
    ownerMark: 'her mother’s',
    complaint: 'Crystal gone, hands bent',
    crystalState: 'missing',
    oldLume: true,
    intake: { use: 'dress', wear: 5, looseMarkers: true },
    found: [['cannot-repair', 'hour hand scratched along its length']],
    stage: 'measure',
    openedDay: -1,
    dueDay: 4,
    dueHour: 12,
    progress: { kind: 'measured', readings: 3 },
  },
  {
    number: 220,
    caseName: 'Sundrake Lantern',
    owner: 'Tove Rask',
    ownerMark: '',
    complaint: 'Shattered in a door',
    crystalState: 'shattered',
    intake: { waterClass: '5-bar', use: 'everyday' },
    trail: [...DECKWATCH_TRAIL],
    stage: 'clean',
    openedDay: -1,
    dueDay: 3,
    dueHour: 10,
    progress: ALL,
  },
  {
    number: 221,
    caseName: DECKWATCH,
    owner: FLEET,
    ownerMark: 'ferry no. 9',
    complaint: 'Crystal cracked, back hard to turn',
    crystalState: 'cracked',
    intake: { waterClass: '5-bar', wear: 6 },
    trail: DECKWATCH_TRAIL.slice(0, 4),
    found: [
      ['back-tightness', 'needed-the-press'],
      ['thread', 'green crust at 6'],
    ],
    pictured: true,
    stage: 'decase',
    openedDay: 0,
    dueDay: 2,
    dueHour: 17,
    progress: { kind: 'opened' },
  },
  {
    number: 222,
    caseName: 'Harrowmere Purser 34',
    owner: FLEET,
    ownerMark: 'purser no. 11',
    complaint: 'Cloudy crystal',
    crystalState: 'whole',
    stage: 'open',
    openedDay: 0,
    dueDay: 3,
    dueHour: 16,
    progress: { kind: 'opened' },
  },
  {
    number: 223,
    caseName: 'Quillfen Field 3',
    owner: 'Nils Harbo',
    ownerMark: '',
    complaint: 'Crystal missing since the regatta',
    crystalState: 'missing',
    intake: { waterClass: '5-bar', wear: 3 },
    stage: 'intake',
    openedDay: 0,
    dueDay: 5,
    dueHour: 12,
    progress: { kind: 'opened' },
  },
  {
    number: 224,
    caseName: DECKWATCH,
    owner: FLEET,
    ownerMark: 'ferry no. 3',
    complaint: 'Crystal in pieces, engine room',
    crystalState: 'shattered',
    trail: DECKWATCH_TRAIL,
    stage: 'measure',
    openedDay: 0,
    dueDay: 2,
    dueHour: 16,
    progress: { kind: 'opened' },
  },
  {
    number: 225,
    caseName: 'Oakmantle Pilot D',
    owner: 'Hauke Brandsen',
    ownerMark: '',
    complaint: 'Fell from the mast, glass starred, buttons stiff',
    crystalState: 'cracked',
    intake: { asked: ['crystal', 'resin-shell'], waterClass: '10-bar', wear: 8 },
    trail: DIGITAL_TRAIL,
    stage: 'decase',
    openedDay: 0,
    dueDay: 4,
    dueHour: 12,
    progress: { kind: 'opened' },
  },
  {
    number: 226,
    caseName: 'Quillfen Tidal 4',
    owner: 'Signe Vaal',
    ownerMark: 'blue insert',
    complaint: 'Insert faded, pip dull',
    crystalState: 'whole',
    intake: {
      asked: ['insert'],
      waterClass: 'diver',
      use: 'diver',
      wear: 5,
      schools: { 'insert-removal': 'soak' },
    },
    trail: DECKWATCH_TRAIL.slice(0, 2),
    inUse: { process: 'acetone-bath', scope: 'face', minutesAgo: 25 },
    stage: 'open',
    openedDay: 0,
    dueDay: 3,
    dueHour: 12,
    progress: { kind: 'opened' },
  },
  {
    number: 227,
    caseName: 'Harrowmere Purser 34',
    owner: FLEET,
    ownerMark: 'purser no. 7',
    complaint: 'Wants the date lens gone',
    crystalState: 'whole',
    intake: {
      asked: ['magnifier-off'],
      foundMaterial: 'sapphire',
      waterClass: '3-bar',
      use: 'dress',
      wear: 3,
    },
    trail: [
      { part: 'strap' },
      { part: 'spring-bar', count: 2 },
      { part: 'back' },
      { part: 'back-seal' },
      { part: 'cell' },
      { part: 'stem', clockHour: 3 },
      { part: 'spacer', count: 2 },
      { part: 'movement' },
    ],
    stage: 'push-out',
    openedDay: 0,
    dueDay: 5,
    dueHour: 16,
    progress: { kind: 'opened' },
  },
  {
    number: 228,
    caseName: 'Vessalin Promenade',
    owner: 'Ottilie Sand',
    ownerMark: 'grandfather’s',
    complaint: 'Acrylic crazed all over',
    crystalState: 'whole',
    oldLume: true,
    intake: { use: 'dress', wear: 6, promises: 'No polish on the gilt' },
    stage: 'intake',
    openedDay: 0,
    dueDay: 6,
    dueHour: 12,
    progress: { kind: 'opened' },
  },
  {
    number: 229,
    caseName: 'Quillfen Signal 2',
    owner: FLEET,
    ownerMark: 'signal no. 2',
    complaint: 'Crystal cracked at 8, bezel dented, chapter ring bent',
    crystalState: 'cracked',
    intake: { asked: ['crystal', 'gasket', 'bezel', 'chapter-ring'], waterClass: '10-bar', wear: 5 },
    stage: 'measure',
    openedDay: 0,
    dueDay: 6,
    dueHour: 16,
    progress: { kind: 'opened' },
  },
  {
    number: 230,
    caseName: 'Harrowmere Bosun 36',
    owner: FLEET,
    ownerMark: 'bosun’s, no. 4',
    complaint: 'Crystal cracked under the bezel at 2',
    crystalState: 'cracked',
    intake: { waterClass: '5-bar', wear: 6 },
    stage: 'match',
    openedDay: -1,
    dueDay: 5,
    dueHour: 12,
    progress: ALL,
  },
  {
    number: 231,
    caseName: 'Oakmantle Quay',
    owner: 'Ottilie Sand',
    ownerMark: 'weekday',
    complaint: 'Crystal scratched blind',
    crystalState: 'whole',
    intake: { wear: 7 },
    stage: 'match',
    openedDay: -1,
    dueDay: 5,
    dueHour: 16,
    progress: ALL,
  },
  {
    number: 232,
    caseName: 'Sundrake Compass',
    owner: FLEET,
    ownerMark: 'chart room',
    complaint: 'Acrylic cracked at its edge',
    crystalState: 'cracked',
    intake: { waterClass: '3-bar', wear: 5 },
    stage: 'match',
    openedDay: -1,
    dueDay: 6,
    dueHour: 12,
    progress: ALL,
  },
  {
    number: 233,
    caseName: 'Oakmantle Ferry Square',
    owner: FLEET,
    ownerMark: 'ticket office',
    complaint: 'Crystal came loose, corner chipped',
    crystalState: 'cracked',
    intake: { wear: 4 },
    stage: 'match',
    openedDay: -1,
    dueDay: 6,
    dueHour: 16,
    progress: ALL,
  },
]
