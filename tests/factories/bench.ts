import type { StageId } from '@/core/stages/stages'
import type { TrayView } from '@/services/tray/trayView'
import { chosenPairOf } from '@/ui/tray/chosenPair'
import type { StageWorkProps } from '@/ui/stages/StageWorkProps'
import type { Refusal } from '@/services/boundary'
import type { Changed } from '@/services/tray/trayChange'

export interface Asked {
  readonly action: string
  readonly input: unknown
}

/**
 * A bench around a view, for panels alone: every action is noted and answered, nothing is stored.
 * @param answer - what the server says; the same view when left out
 */
export function benchAround(
  view: TrayView,
  stage: StageId,
  answer: (asked: Asked) => Changed | Refusal = () => ({ ok: true, view }),
): StageWorkProps & { readonly asked: Asked[] } {
  const asked: Asked[] = []
  const actions = new Proxy(
    {},
    {
      get: (_, action: string) => (input: unknown) => {
        asked.push({ action, input })
        return Promise.resolve(answer({ action, input }))
      },
    },
  )
  const bench = {
    state: { view, stage, busy: false, text: '' },
    target: view.next,
    chosen: chosenPairOf({ chosen: null, view, other: null }),
    triedCircleMm: null,
    tryCircle: () => undefined,
    straight: { shown: null, draft: null, remedy: null, errors: {}, inHand: true },
    aim: () => undefined,
    keysRest: false,
    voiding: null,
    setAtDialog: () => undefined,
    take: () => true,
    awaits: () => false,
    change: async (call: Promise<Changed | Refusal>) => {
      const result = await call
      return result.ok ? null : (Object.values(result.errors)[0] ?? '')
    },
  }
  // A panel uses a handful of what a bench can do: the rest of its type is not built here.
  return { bench, actions, asked } as unknown as StageWorkProps & { readonly asked: Asked[] }
}
