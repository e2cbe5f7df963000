import type { CrystalState } from '@/core/intake/crystalStates'
import type { DemoPart, DemoTray } from './DemoTray'

export const FLEET = 'Skerrow Ferry Line'
export const DECKWATCH = 'Harrowmere Deckwatch 38'
const CRACKED_STATES: readonly CrystalState[] = ['shattered', 'cracked', 'whole', 'shattered', 'cracked']

/** What comes off a deckwatch before its movement lies on the cushion. */
export const DECKWATCH_TRAIL: readonly DemoPart[] = [
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

/** Which of them came back from the car deck, where the spray is. */
const SALTED = [5, 7, 11]

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
      intake: { classBar: 5, diver: false, wear: 4 + (i % 4) },
      trail: DECKWATCH_TRAIL,
      ...(SALTED.includes(i) && { found: [['thread', 'dried salt in the thread by 6']] }),
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
    intake: { classBar: 5, diver: false },
    stage: 'hand-back',
    openedDay: -daysAgo,
    dueDay: -daysAgo + 4,
    dueHour: 12,
    dry: { blanks: 1, tests: ['tight'] },
    progress: { kind: 'pressed', outcomes: ['home'], press: 'screw', note: '' },
  }
}

/** A year behind the bench. */
export const DEMO_PAST_TRAYS: readonly DemoTray[] = [
  ...PAST_FLEET,
  past(153, 'Quillfen Tidal 4', 'Maren Oddvik', 300),
  past(159, 'Harrowmere Purser 34', FLEET, 260),
  past(167, 'Vessalin Evening', 'Ilse Tarnow', 200),
  past(175, 'Quillfen Field 3', 'Bram Hollis', 140),
  past(183, 'Oakmantle Dual', 'Edda Quist', 90),
  past(191, 'Harrowmere Purser 34', FLEET, 60),
]
