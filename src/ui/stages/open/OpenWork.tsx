import type { StageWorkProps } from '../StageWorkProps'
import { GoOn } from '../shared/GoOn'
import { OpeningPanel } from './OpeningPanel'

/** Getting the back off. */
export function OpenWork({ bench, actions }: StageWorkProps) {
  return (
    <>
      <OpeningPanel bench={bench} actions={actions} />
      <GoOn bench={bench} actions={actions} />
    </>
  )
}
