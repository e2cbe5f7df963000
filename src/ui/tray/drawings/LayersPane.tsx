import Box from '@mui/material/Box'
import { useId } from 'react'
import { caseLayers, materialsAway } from '@/core/section/caseLayers'
import type { TrailPartId } from '@/core/trail/parts'
import { partsName, partsText, TRAIL_PARTS } from '@/core/trail/parts'
import { asItStands } from './asItStands'
import { diesAt } from './diesAt'
import { CaseDies, DIE_ROOM } from '../../section/CaseDies'
import { PlanView } from '../../section/PlanView'
import { SectionPatterns } from '../../section/SectionPatterns'
import { WholeCase, wholeCaseFrame } from '../../section/WholeCase'
import { RuledLines } from '../../small/RuledLines'
import type { PaneProps } from './PaneProps'

/** Over and under a case without dies. */
const BARE_ROOM = 12

/** The case layer by layer as it stands now: what is off is an empty outline, and where small parts came from is marked. */
export function LayersPane({ bench, model, width }: PaneProps) {
  const standing = asItStands(model, bench.state.view)
  const id = useId().replaceAll(':', '')
  const { lines } = bench.state.view.job.trail
  const layers = caseLayers(standing.found.outlines, model.section.has.hands, lines)
  const off = layers.filter(({ away }) => away)
  const away = materialsAway(layers)
  const handsAway = off.some(({ part }) => part === 'hand')
  const dies = diesAt(bench.state.stage, bench.state.view, standing.planned.outlines)
  const room = dies.length > 0 ? DIE_ROOM : BARE_ROOM
  const frame = wholeCaseFrame(standing, width, room)
  const title = `Case layer by layer, ${
    off.length === 0
      ? 'nothing off'
      : `off: ${off
          .filter(({ awayWith }) => awayWith === null)
          .map(({ part }) => layerName(part))
          .join(', ')}`
  }`
  const beside = lines.filter(
    (line) => line.open > 0 && !layers.some(({ part, away: gone }) => gone && part === line.part),
  )
  return (
    <>
      <svg
        viewBox={`0 0 ${width} ${frame.bottom + room}`}
        width="100%"
        role="img"
        aria-labelledby={`${id}-title`}
        style={{ display: 'block' }}
      >
        <title id={`${id}-title`}>{title}</title>
        <SectionPatterns prefix={id} />
        <WholeCase model={standing} frame={frame} patternPrefix={id} away={away} handsAway={handsAway} />
        <CaseDies dies={dies} frame={frame} />
      </svg>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', sm: 'minmax(0,1fr) 226px' },
          columnGap: 2,
          alignItems: 'center',
          mt: 1,
        }}
      >
        <Box component="section" aria-label="Layers">
          <Box component="h2" sx={{ fontSize: 13, fontWeight: 400, color: 'text.secondary', m: 0, mb: 0.5 }}>
            From above
          </Box>
          <RuledLines
            lines={layers.map(({ part, away: gone, awayWith }) => ({
              what: layerName(part),
              end: gone ? (awayWith ? `with the ${layerName(awayWith)}` : 'off') : 'in place',
              marked: gone,
            }))}
          />
          {beside.length > 0 && (
            <Box sx={{ fontSize: 13.5, color: 'text.secondary', mt: 1 }}>
              Beside them off: {beside.map(({ part, open, size }) => partsText(part, open, size)).join(', ')}
            </Box>
          )}
        </Box>
        <PlanView view={bench.state.view} section={model.section} target={bench.target} />
      </Box>
    </>
  )
}

/** All the hands are one layer. */
function layerName(part: TrailPartId): string {
  return part === 'hand' ? partsName(part) : TRAIL_PARTS[part].label
}
