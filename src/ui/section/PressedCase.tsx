import { useId } from 'react'
import type { DrawnDie } from '@/core/section/drawnDies'
import { CaseDies, DIE_ROOM } from './CaseDies'
import { SectionPatterns } from './SectionPatterns'
import type { SectionModel } from './sectionModel'
import { WholeCase, wholeCaseFrame } from './WholeCase'

export interface PressedCaseProps {
  readonly model: SectionModel
  /** CSS pixels */
  readonly width: number
  readonly dies: readonly DrawnDie[]
}

/** The whole case, small, between the dies of the press that is planned. */
export function PressedCase({ model, width, dies }: PressedCaseProps) {
  const id = useId().replaceAll(':', '')
  const frame = wholeCaseFrame(model, width, DIE_ROOM)
  return (
    <svg
      viewBox={`0 0 ${width} ${frame.bottom + DIE_ROOM}`}
      width="100%"
      role="img"
      aria-labelledby={`${id}-title`}
      style={{ display: 'block' }}
    >
      <title
        id={`${id}-title`}
      >{`Case at the press: ${dies.map(({ role, code }) => `${role} ${code}`).join(', ')}`}</title>
      <SectionPatterns prefix={id} />
      <WholeCase model={model} frame={frame} patternPrefix={id} />
      <CaseDies dies={dies} frame={frame} />
    </svg>
  )
}
