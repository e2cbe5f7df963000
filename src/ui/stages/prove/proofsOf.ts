import { PRESSURE_TEST, RUNS } from '@/core/stages/prove'
import type { TrayView } from '@/services/tray/trayView'

export type ProofId = 'dry' | 'running' | 'bezel'

/** A proof that figures tell, as its line shows it. */
export interface Proof {
  readonly id: ProofId
  readonly label: string
  readonly state: string
  /** null while nothing tells */
  readonly isGood: boolean | null
}

type Proved = Pick<TrayView, 'dryTest' | 'running' | 'bezelAction' | 'job'>

/** The proofs of a piece that figures can tell, in the order they are taken. */
export function proofsOf({ dryTest, running, bezelAction, job }: Proved): Proof[] {
  const isAsked = (step: string) => job.procedure.steps.some(({ id }) => id === step)
  const isDone = (step: string) => job.stages.some(({ stepsDone }) => stepsDone.includes(step))
  const said = (step: string) =>
    isAsked(step) && isDone(step) ? 'said, no figures kept' : 'nothing kept yet'
  const proofs: Proof[] = []
  if (dryTest) {
    const { last } = dryTest
    const isGood = last === null || last.verdict === 'cannot-tell' ? null : last.isTight
    proofs.push({ id: 'dry', label: 'Dry test', state: last?.words ?? said(PRESSURE_TEST), isGood })
  }
  if (bezelAction) {
    const { last } = bezelAction
    proofs.push({
      id: 'bezel',
      label: 'Bezel’s action',
      state: last?.words ?? 'not tried yet',
      isGood: last?.isRight ?? null,
    })
  }
  if (running.notYet === null || running.standing) {
    const { standing } = running
    const waits = standing?.since ? 'compared once' : said(RUNS)
    const line: Proof = {
      id: 'running',
      label: 'Running',
      state: standing?.words || waits,
      isGood: standing?.isRight ?? null,
    }
    // Where nobody has to know how it runs, it is due after what has to be known.
    if (isAsked(RUNS)) proofs.splice(dryTest ? 1 : 0, 0, line)
    else proofs.push(line)
  }
  return proofs
}

/** The first proof that is not good yet; the first of all where every one is. */
export function dueProof(proofs: readonly Proof[]): ProofId | null {
  return (proofs.find(({ isGood }) => isGood !== true) ?? proofs[0])?.id ?? null
}
