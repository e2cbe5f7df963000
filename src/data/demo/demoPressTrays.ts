import type { SimulatedFault } from '@/devices/simulated-press/PressScene'
import type { PressOutcome } from '@/core/press/pressOutcomes'
import type { StageId } from '@/core/stages/stages'
import type { DemoTray } from './DemoTray'
import { FLEET } from './demoPastTrays'

/** The pursers' watches: one case that was pressed thirty times, so that its runs and both presses are known. */
const PURSERS = 28
const FIRST_DAYS_AGO = 660
const DAYS_APART = 13
/** Every so many of them went in under the lever press. */
const LEVER_EVERY = 4

const PURSER_RUNS: readonly DemoTray[] = Array.from({ length: PURSERS }, (_, i): DemoTray => {
  const daysAgo = FIRST_DAYS_AGO - DAYS_APART * i
  return {
    number: 101 + i,
    caseName: 'Harrowmere Purser 34',
    owner: FLEET,
    ownerMark: `purser no. ${1 + ((5 * i) % 14)}`,
    complaint: i % 2 === 0 ? 'Scratched crystal' : 'Cloudy crystal',
    crystalState: 'whole',
    stage: 'hand-back',
    openedDay: -daysAgo,
    dueDay: -daysAgo + 4,
    dueHour: 12,
    progress: {
      kind: 'pressed',
      outcomes: ['home'],
      press: i % LEVER_EVERY === 0 ? 'lever' : 'screw',
      note: '',
      rimRead: true,
    },
  }
})

interface ShownVerdict {
  readonly outcome: PressOutcome
  readonly fault: SimulatedFault
  readonly stage: StageId
  readonly cause?: 'size' | 'dirt'
  readonly complaint: string
  readonly note: string
}

/** One tray for each thing a run can be read as, beside those that went well. */
const SHOWN: readonly ShownVerdict[] = [
  {
    outcome: 'high-on-one-side',
    fault: 'cocked',
    stage: 'press-in',
    complaint: 'Deep scratch across the crystal',
    note: 'Stands higher at 12.',
  },
  {
    outcome: 'not-home',
    fault: 'not-home',
    stage: 'press-in',
    complaint: 'Crystal cloudy, hard to read at night',
    note: 'Stopped early: it was time for the ferry.',
  },
  {
    outcome: 'loose',
    fault: 'loose',
    stage: 'match',
    cause: 'size',
    complaint: 'Crystal turns in its ring',
    note: 'Went in without a push.',
  },
  {
    outcome: 'cracked',
    fault: 'cracked',
    stage: 'match',
    cause: 'dirt',
    complaint: 'Scratched by a boat hook',
    note: 'A crumb of the old ring lay on the seat.',
  },
  {
    outcome: 'home',
    fault: 'over-pressed',
    stage: 'close',
    complaint: 'Scratched crystal',
    note: 'Leaned on it after it was home.',
  },
]

const SHOWN_TRAYS: readonly DemoTray[] = SHOWN.map(
  ({ outcome, fault, stage, cause, complaint, note }, i): DemoTray => ({
    number: 236 + i,
    caseName: 'Oakmantle Dual',
    owner: FLEET,
    ownerMark: `chart room no. ${1 + i}`,
    complaint,
    crystalState: 'whole',
    intake: { wear: 3 },
    stage,
    openedDay: -1,
    dueDay: 8 + i,
    dueHour: 15,
    progress: {
      kind: 'pressed',
      outcomes: [outcome],
      press: 'screw',
      note,
      fault,
      rimRead: fault === 'cocked',
      ...(cause && { cause }),
    },
  }),
)

export const DEMO_PRESS_TRAYS: readonly DemoTray[] = [...PURSER_RUNS, ...SHOWN_TRAYS]
