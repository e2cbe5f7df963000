'use client'
import Box from '@mui/material/Box'
import type { ShopPolicy } from '@/core/policy/ShopPolicy'
import type { CaseSheet } from '@/core/tray/CaseSheet'
import { caseOfSheet } from '@/core/tray/caseByFigures'
import { useElementWidth } from '../small/useElementWidth'
import { SectionDrawing } from './SectionDrawing'
import { sectionModel } from './sectionModel'

const FIRST_WIDTH = 520

/** The section of a case as its sheet knows it, whole on both sides. */
export function SheetSection({ sheet, policy }: { sheet: CaseSheet; policy: ShopPolicy }) {
  const { ref, width } = useElementWidth<HTMLDivElement>(FIRST_WIDTH)
  const model = sectionModel(
    {
      ...caseOfSheet(sheet, policy),
      tray: { crystalState: 'whole', gasketPresent: true },
      asFound: null,
      insertStands: null,
    },
    null,
    policy.fit,
  )
  // With nothing planned the right column is free: half of the dimensions go there.
  const labels = model.labels.map((label) =>
    label.dimension === 'gasket-wall' || label.dimension === 'hands-below-seat'
      ? { ...label, place: 'right' as const, anchor: [-label.anchor[0], label.anchor[1]] as const }
      : label,
  )
  return (
    <Box ref={ref}>
      <SectionDrawing
        model={{ ...model, labels, planned: { ...model.found, text: 'the same' } }}
        width={Math.max(width, 320)}
        aimedAt={null}
        onAim={null}
      />
    </Box>
  )
}
