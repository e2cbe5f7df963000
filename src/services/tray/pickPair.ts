import Joi from 'joi'
import type { PickEvidence } from '@/core/tray/PickEvidence'
import { snapshotPick } from '@/core/tray/snapshotPick'
import { OWN_ID } from '@/core/own-parts/OwnPart'
import type { PartKind } from '@/core/parts/parts'
import { PARTS } from '@/core/parts/parts'
import type { StageId } from '@/core/stages/stages'
import { stageIndex } from '@/core/stages/stages'
import { standsAfter } from '@/core/stages/StageState'
import type { Db } from '@/data/client'
import { insertPick } from '@/data/queries/picks'
import { stockLineById } from '@/data/queries/stockLines'
import { moveStock } from '@/data/queries/stockMoves'
import { setTrayStage } from '@/data/queries/trays'
import type { Refusal } from '../boundary'
import { idSchema, refuse } from '../boundary'
import type { ChoiceSent } from './judgeChoice'
import { CHOICE_FIELDS, judgedInCase } from './judgeChoice'
import type { OpenedCase } from './openTrayCases'
import { trayChange } from './trayChange'

interface PickSent extends ChoiceSent {
  readonly bezelGasketId?: number | null
}

interface Picked extends PickSent {
  readonly bezelGasketId: number | null
}

const schema = Joi.object<Picked>({ ...CHOICE_FIELDS, bezelGasketId: idSchema.allow(null).default(null) })

/**
 * Picks a crystal with what goes with it, takes what is not the piece's own out of its drawer, keeps what the pick rested on, and goes on to
 * pressing in where nothing else is open. What an earlier pick took out and nobody has pressed goes back.
 * A choice that misses a constraint may be picked all the same: the technician decides, the record says what was known.
 * Empty drawers are refused, because nothing can be taken from them.
 */
export const pickPair = trayChange<Picked, PickSent>(
  schema,
  async (tx, pick, opened, now) => {
    const judged = await judgedBy(tx, opened, pick)
    if ('ok' in judged) return judged
    const { trayId } = pick
    for (const { kind, partId } of unpressed(opened))
      await moveStock(tx, { kind, partId, change: 1, reason: 'put-back', trayId, movedAt: now })
    for (const [kind, partId] of partsOf(pick)) {
      const left = await moveStock(tx, { kind, partId, change: -1, reason: 'picked', trayId, movedAt: now })
      if (left === null) return nothingThere(tx, kind, partId)
    }
    await insertPick(tx, { ...withOwn(pick, opened), evidence: judged, pickedAt: now })
    await setTrayStage(tx, trayId, stageAfterPick(opened), null)
    return null
  },
  'decision',
)

/** Another pick of a tray that was pressed already goes back to the press. */
function stageAfterPick({ kept, stages }: OpenedCase): StageId {
  const { stage } = kept.tray
  if (stageIndex(stage) > stageIndex('match')) return 'press-in'
  return standsAfter(stages, stage, { stage: 'match', subject: 'pick' })
}

/** What the pick rests on, or why there can be none. */
async function judgedBy(tx: Db, opened: OpenedCase, picked: Picked): Promise<PickEvidence | Refusal> {
  const judged = await judgedInCase(tx, opened, picked)
  if ('ok' in judged) return judged
  const { candidate } = judged.pair
  if (candidate.refusal !== null) return refuse(candidate.refusal)
  const { verdict } = opened.now.readout
  const { reasons } = candidate
  return snapshotPick(candidate, { seat: judged.seat, verdict, readings: opened.counted, reasons })
}

function partsOf({ crystalId, gasketId, bezelGasketId }: Picked): (readonly [PartKind, number])[] {
  const rings = [gasketId, bezelGasketId].filter((id) => id !== null)
  const all = [['crystal', crystalId] as const, ...rings.map((id) => ['gasket', id] as const)]
  return all.filter(([, id]) => id !== OWN_ID)
}

/** A pick as it is kept: what is the piece's own stands there by its figures, for no drawer has it. */
function withOwn({ trayId, crystalId, gasketId, bezelGasketId }: Picked, { own }: OpenedCase) {
  return {
    trayId,
    bezelGasketId,
    ...(crystalId === OWN_ID ? { ownCrystal: own.crystal?.part } : { crystalId }),
    ...(gasketId === OWN_ID ? { ownGasket: own.gasket?.part } : { gasketId }),
  }
}

async function nothingThere(tx: Db, kind: PartKind, partId: number): Promise<Refusal> {
  const line = await stockLineById(tx, kind, partId)
  const { one } = PARTS[kind]
  return refuse(
    line
      ? `Drawer ${line.drawer} has no ${line.code} left: choose another ${one}, or count the drawer.`
      : `This ${one} is not in the drawers any more: choose another one.`,
  )
}

/** What the last pick took out and nobody has pressed. */
function unpressed({ kept }: OpenedCase) {
  const { picked, pressRuns, partsOut } = kept
  if (!picked || pressRuns.some((run) => run.pickId === picked.pick.id)) return []
  const rings = [picked.gasket?.id, picked.bezelGasket?.id]
  return partsOut.filter(({ kind, partId }) =>
    kind === 'crystal' ? partId === picked.crystal.id : kind === 'gasket' && rings.includes(partId),
  )
}
