import { fittingDies } from '@/core/dies/fittingDies'
import type { StockCrystal } from '@/core/fit/parts'
import { placesOf, RIM_PLACES } from '@/core/level/rimPlaces'
import { figuresKept } from '@/core/measure/describedInstrument'
import type { PressOutcome } from '@/core/press/pressOutcomes'
import { rowOf } from '@/core/press-run/PressTrace'
import { tracedRun } from '@/core/press-run/tracedRun'
import type { CaseSheet } from '@/core/tray/CaseSheet'
import { seededRandom } from '@/devices/seededRandom'
import { orderedScene } from '@/devices/simulated-press/orderedScene'
import type { SimulatedFault } from '@/devices/simulated-press/PressScene'
import { simulatedLean } from '@/devices/simulated-press/simulatedLean'
import { heightsOf } from '@/devices/simulated-press/simulatedRim'
import { simulatedRun } from '@/devices/simulated-press/simulatedRun'
import { allDies } from '../queries/otherParts'
import type { Pick } from '../queries/picks'
import { insertPressRun } from '../queries/picks'
import { insertReadings } from '../queries/readings'
import type { Press } from '../queries/tools'
import type { Tray } from '../queries/trays'
import type { DemoProgress } from './DemoTray'
import { known } from './known'
import type { DemoWorld } from './DemoWorld'
import { DEMO_LIMITS } from './demoLimits'

const MINUTE_MS = 60_000

/** What is pressed on a demo tray. */
interface PressedPick {
  readonly tray: Tray
  readonly sheet: CaseSheet
  readonly pick: Pick
  readonly crystal: StockCrystal
  readonly openingMm: number
}

/** Plays the pushes of a demo tray, as its press would have shown them, and the rim that was read after. */
export async function playPress(
  world: DemoWorld,
  { tray, sheet, pick, crystal, openingMm }: PressedPick,
  progress: Extract<DemoProgress, { kind: 'pressed' }>,
): Promise<void> {
  const { pusher, support } = fittingDies(await allDies(world.db), crystal, sheet, openingMm, DEMO_LIMITS.die)
  if (!pusher?.ok || !support?.ok) throw new Error(`demo tray ${tray.number}: no dies fit`)
  const press = world.presses.find((p) => p.kind === progress.press)
  if (!press) throw new Error('demo presses are missing')
  const random = seededRandom(tray.number * 3)
  for (const [i, outcome] of progress.outcomes.entries()) {
    await insertPressRun(world.db, {
      trayId: tray.id,
      pickId: pick.id,
      pressId: press.id,
      pusherId: pusher.best.die.id,
      supportId: support.best.die.id,
      cushion: 'none needed: plastic faces',
      quarterTurns: progress.rimRead ? 0 : 3 + random.index(3),
      leftHour: progress.rimRead ? LAID_HOUR : null,
      ...(press.gauged
        ? playRun(press, sheet.id, progress.fault ?? FAULT_OF[outcome], tray.number * 8 + i)
        : {}),
      outcome,
      cause: progress.cause ?? null,
      note: i === 0 ? progress.note : '',
      ranAt: new Date(pick.pickedAt.getTime() + (i + 1) * 20 * MINUTE_MS),
    })
  }
  if (progress.rimRead) {
    const after = new Date(pick.pickedAt.getTime() + 20 * MINUTE_MS)
    await playRim(world, tray, press, progress.fault === 'cocked', after)
  }
}

/** The hour at the press's left where the rim is read after the first push. */
const LAID_HOUR = 12
const LEAN_SCATTER_MM = 0.012
/** A crystal that went in leaning, mm. */
const COCKED_MM = 0.09
const READ_NOISE_MM = 0.006
const READ_PLACES = 4

/** Heights of the rim after a push, as the dial indicator showed them. */
async function playRim(world: DemoWorld, tray: Tray, press: Press, cocked: boolean, at: Date): Promise<void> {
  const random = seededRandom(tray.number * 5)
  const lean = simulatedLean([{ kind: press.kind, leftHour: LAID_HOUR }])
  const tilt = {
    towards12Mm: lean.towards12Mm + random.normal(LEAN_SCATTER_MM) + (cocked ? COCKED_MM : 0),
    towards3Mm: lean.towards3Mm + random.normal(LEAN_SCATTER_MM),
  }
  const spec = known(new Map(world.instruments.map((i) => [i.kind, i])), 'dial-indicator')
  const places = placesOf(READ_PLACES).map((index) => ({
    index,
    directionDeg: RIM_PLACES[index]?.directionDeg ?? 0,
  }))
  const heights = heightsOf(
    { tilt, warp: null, speck: null, noiseMm: READ_NOISE_MM },
    places.map(({ directionDeg }) => directionDeg),
    random,
  )
  await insertReadings(
    world.db,
    places.map(({ index }, i) => ({
      trayId: tray.id,
      dimension: 'rim-height',
      placeIndex: index,
      shownMm: Math.round((heights[i]?.heightMm ?? 0) * HUNDREDTHS) / HUNDREDTHS,
      ...figuresKept(spec, false),
      source: 'instrument',
      takenAt: new Date(at.getTime() + (i + 1) * MINUTE_MS),
    })),
  )
}

const HUNDREDTHS = 100

/** Forces of the demo's rings, N. */
const LEAST_SLIDE_N = 120
const MOST_SLIDE_N = 210

const FAULT_OF: Readonly<Record<PressOutcome, SimulatedFault>> = {
  home: 'none',
  'not-home': 'not-home',
  'high-on-one-side': 'cocked',
  loose: 'loose',
  cracked: 'cracked',
}

/** What the press's cell sent of a run, and what it says. */
function playRun(press: Press, sheetId: number, fault: SimulatedFault, seed: number) {
  const random = seededRandom(seed)
  // Runs of one case ask nearly the same force.
  const slideN = seededRandom(sheetId).uniform(LEAST_SLIDE_N, MOST_SLIDE_N)
  const ordered = { fault, press: press.kind, slideN, caseSeed: sheetId }
  const { scene, nuisances } = orderedScene(ordered, random)
  const { points } = simulatedRun(scene, nuisances, random)
  return tracedRun({ source: 'simulated', points: points.map(rowOf) }, DEMO_LIMITS.pressRun)
}
