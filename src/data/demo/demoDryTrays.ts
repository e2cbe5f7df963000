import type { DemoTray } from './DemoTray'
import { FLEET } from './demoPastTrays'

/** A sound piece whose crystal went home and whose dry test says one thing each. */
const closed = (
  own: Pick<DemoTray, 'number' | 'caseName' | 'owner' | 'ownerMark' | 'complaint' | 'dry'> &
    Pick<DemoTray, 'intake' | 'openedDay' | 'dueDay' | 'dueHour' | 'leftOut'>,
): DemoTray => ({
  ...own,
  crystalState: 'whole',
  stage: 'prove',
  progress: { kind: 'pressed', outcomes: ['home'], press: 'screw', note: '' },
})

/** Trays at Prove: one leaks, one is tight, of one nobody can tell. */
export const DEMO_DRY_TRAYS: readonly DemoTray[] = [
  closed({
    ...{ number: 208, caseName: 'Oakmantle Dual', owner: FLEET, ownerMark: 'chart room no. 9' },
    complaint: 'Steamed up a week after a new cell elsewhere',
    intake: { asked: ['crystal', 'reseal'], classBar: 10, diver: false, wear: 5, steamedUp: true },
    leftOut: { 'seals-out': 'renewed a month ago by this shop, sound' },
    ...{ openedDay: -4, dueDay: 4, dueHour: 15 },
    dry: { tests: ['leaks'] },
  }),
  closed({
    ...{ number: 203, caseName: 'Quillfen Tidal 4', owner: 'Maren Oddvik', ownerMark: '' },
    complaint: 'Crystal scratched, swims every morning',
    intake: { asked: ['crystal'], classBar: 10, diver: false, wear: 4 },
    ...{ openedDay: -5, dueDay: 2, dueHour: 11 },
    dry: { tests: ['tight'] },
  }),
  closed({
    ...{ number: 207, caseName: 'Quillfen Field 3', owner: 'Bram Hollis', ownerMark: '' },
    complaint: 'Dust under the glass',
    intake: { asked: ['crystal'], classBar: 5, diver: false, wear: 3 },
    ...{ openedDay: -4, dueDay: 3, dueHour: 16 },
    dry: { tests: ['too short'] },
  }),
]
