import { useState } from 'react'
import { standsStraight } from '@/core/straight/standingPairs'
import type { StraightPair } from '@/core/straight/pairs'
import type { ByPicture, LookMethod } from '@/core/straight/StraightLook'
import type { TrayCalls } from '@/services/actions'
import type { Refusal } from '@/services/boundary'
import type { PairView } from '@/services/tray/straightView'
import type { Changed } from '@/services/tray/trayChange'
import type { TrayView } from '@/services/tray/trayView'
import { useOneAtATime } from '../../forms/useOneAtATime'
import { answerOf } from '../../tray/trayAnswer'

/** Hours read round a ring: more of them name a place that does not go with the others. */
export const HOUR_SETS: Readonly<Record<number, readonly number[]>> = {
  4: [12, 3, 6, 9],
  6: [12, 2, 4, 6, 8, 10],
  12: [12, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11],
}

/** A look as it is being typed. */
export interface LookDraft {
  readonly method: LookMethod
  readonly radius: string
  readonly limit: string
  readonly hours: readonly number[]
  readonly texts: Readonly<Partial<Record<number, string>>>
  readonly moves: boolean | null
  /** the remedy done before; null as found */
  readonly after: string | null
  /** that what cannot be undone was asked about */
  readonly asked: boolean
}

interface Chosen {
  readonly pair: StraightPair
  readonly remedy: string | null
  readonly draft: LookDraft | null
}

/** What is looked at for standing straight: the pair, the remedy tried in the drawing, and the look being typed. */
export function useStraightForm(
  { straight, tray }: TrayView,
  actions: Pick<TrayCalls, 'lookStraight' | 'lookByPicture' | 'ringSamples'>,
  onStored: (answer: Changed) => void,
) {
  const [chosen, setChosen] = useState<Chosen | null>(null)
  const [errors, setErrors] = useState<Readonly<Record<string, string>>>({})
  const shown =
    straight.pairs.find(({ pair }) => pair === chosen?.pair) ??
    straight.pairs.find(({ standing }) => standing && !standsStraight(standing)) ??
    straight.pairs.find(({ standing }) => standing !== null) ??
    // Hands are looked at where somebody asks for it.
    straight.pairs.find(({ pair }) => pair !== 'hands-dial') ??
    null
  const mine = chosen && shown && chosen.pair === shown.pair ? chosen : null
  const inHand = tray.finishedAt === null
  // What was never looked at begins with its first look; what moved since, with the next.
  const isAsked = inHand && shown?.notYet === null && (!shown.standing || shown.standing.movedSince !== null)
  const draft = mine?.draft ?? (isAsked && shown ? firstDraft(shown) : null)
  const change = (over: Partial<Chosen>) => {
    if (!shown) return
    setErrors({})
    setChosen({ pair: shown.pair, remedy: mine?.remedy ?? null, draft: mine?.draft ?? null, ...over })
  }
  const remedies = shown?.standing?.remedies ?? []
  const remedy = remedies.find(({ id }) => id === mine?.remedy) ?? remedies[0] ?? null

  const [store] = useOneAtATime(async () => {
    if (!shown || !draft) return
    const { hours, texts, ...look } = draft
    const offsets = hours.map((hour) => ({ hour, text: texts[hour] ?? '' }))
    const input = { trayId: tray.id, pair: shown.pair, ...look, offsets }
    const answer: Changed | Refusal = await answerOf(actions.lookStraight(input))
    if (!answer.ok) {
      setErrors(answer.errors)
      return
    }
    setErrors({})
    setChosen({ pair: shown.pair, remedy: null, draft: null })
    onStored(answer)
  })
  /** @returns what is wrong, in a sentence; null where it was kept */
  const storePicture = async (told: ByPicture, photoIds: readonly number[]): Promise<string | null> => {
    if (!shown || !draft) return null
    const { radius, limit, moves, after, asked } = draft
    const look = { trayId: tray.id, pair: shown.pair, radius, limit, moves, after, asked, told, photoIds }
    const answer: Changed | Refusal = await answerOf(actions.lookByPicture(look))
    if (!answer.ok) return Object.values(answer.errors).join(' ')
    setErrors({})
    setChosen({ pair: shown.pair, remedy: null, draft: null })
    onStored(answer)
    return null
  }
  return {
    tray,
    samplesOf: () => actions.ringSamples({}),
    storePicture,
    shown,
    draft,
    errors,
    remedy,
    inHand,
    choosePair: (pair: StraightPair) => {
      setErrors({})
      setChosen({ pair, remedy: null, draft: null })
    },
    chooseRemedy: (id: string) => change({ remedy: id }),
    /** a new look, after a remedy or as it stands */
    readAgain: (after: string | null, asked: boolean) =>
      shown && change({ draft: { ...firstDraft(shown), after, asked } }),
    type: (over: Partial<LookDraft>) => draft && change({ draft: { ...draft, ...over } }),
    cancel: () => change({ draft: null }),
    store: () => void store(),
  }
}

export type StraightForm = ReturnType<typeof useStraightForm>

function firstDraft({ standing, radiusMm, hours }: PairView): LookDraft {
  const last = standing?.last
  return {
    method: !last || last.method === 'picture' ? 'loupe' : last.method,
    radius: radiusMm === null ? '' : String(Number(radiusMm.toFixed(2))),
    limit: last?.limitMm == null ? '' : String(last.limitMm),
    hours,
    texts: {},
    moves: last?.moves ?? null,
    after: null,
    asked: false,
  }
}
