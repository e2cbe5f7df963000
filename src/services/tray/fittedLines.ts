import type { StockGasket } from '@/core/fit/parts'
import { crystalWords } from '@/core/own-parts/crystalWords'
import { isOwn } from '@/core/own-parts/OwnPart'
import { PARTS } from '@/core/parts/parts'
import type { ReportLine } from '@/core/report/Report'
import { told } from '@/core/report/Report'
import { PRESS_RUN } from '@/core/stages/pressIn'
import { describePart } from '@/core/stock/describePart'
import { homeRun } from '@/core/tray/isHome'
import { capital } from '@/core/units/capital'
import type { OpenedCase, TrayRecord } from './openTrayCases'

/** Told with the pick and with every run, not as a drawer's line. */
const OF_THE_PICK = ['crystal', 'gasket']

/** What was fitted, a part a line, and whether it went home with the piece. */
export function fittedLines({
  kept: { picked, pressRuns, partsOut, trail },
  stages,
}: OpenedCase): ReportLine[] {
  return [
    ...(picked ? pickedLines(picked, homeOf({ picked, pressRuns, trail }, stages)) : []),
    ...partsOut
      .filter(({ kind }) => !OF_THE_PICK.includes(kind))
      .map(({ kind, code, count, since }) =>
        told(capital(PARTS[kind].one), count > 1 ? `${count} × ${code}` : code, since.toISOString()),
      ),
  ]
}

/** Whether what was picked went home with the piece: what only came out of a drawer, or cracked, was not fitted. */
function homeOf(
  kept: Pick<TrayRecord, 'picked' | 'pressRuns' | 'trail'>,
  stages: OpenedCase['stages'],
): Home {
  const run = homeRun(kept)
  if (run) return { mark: 'plain', beside: '', at: run.ranAt.toISOString() }
  const last = kept.pressRuns.findLast(({ pickId }) => pickId === kept.picked?.pick.id)
  if (last?.outcome === 'cracked')
    return {
      mark: 'open',
      beside: ', cracked under the press',
      besideRing: ', out again with the crystal that cracked',
      at: last.ranAt.toISOString(),
    }
  const left = stages.flatMap(({ demands }) => demands).find(({ subject }) => subject === PRESS_RUN)?.leftOut
  if (left) return { mark: 'left-out', beside: `, press not logged: ${left.reason}`, at: null }
  return { mark: 'open', beside: ', picked and not home yet', at: null }
}

interface Home extends Pick<ReportLine, 'mark' | 'at'> {
  readonly beside: string
  /** where something else is to be said of the rings */
  readonly besideRing?: string
}

function pickedLines(
  { pick, crystal, gasket, bezelGasket }: NonNullable<TrayRecord['picked']>,
  { mark, beside, besideRing = beside, at }: Home,
): ReportLine[] {
  const line = (what: string, words: string) => ({
    what,
    words,
    mark,
    at: at ?? pick.pickedAt.toISOString(),
  })
  const ring = (part: StockGasket) =>
    isOwn(part) ? 'its own' : `${describePart('gasket', { ...part })}, ${part.code}`
  return [
    line('Crystal', crystalName(crystal) + beside),
    ...(gasket ? [line('Crystal gasket', ring(gasket) + besideRing)] : []),
    ...(bezelGasket ? [line('Gasket under the bezel', ring(bezelGasket) + besideRing)] : []),
  ]
}

function crystalName(crystal: NonNullable<TrayRecord['picked']>['crystal']): string {
  return isOwn(crystal) ? crystalWords(crystal) : `${crystalWords(crystal)}, ${crystal.code}`
}
