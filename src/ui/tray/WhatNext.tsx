import Box from '@mui/material/Box'
import { isDue } from '@/core/measure/calibration'
import { instrumentDoubt } from '@/core/measure/instrumentDoubt'
import { DIMENSIONS, isOfCase } from '@/core/readings/dimensions'
import { reachOf } from '@/core/readings/instrumentFor'
import { formatSignedMm } from '@/core/units/formatMm'
import { asksNext } from '../stages/measure/asksNext'
import { FeedChoice } from './FeedChoice'
import type { ReadingTarget } from '@/core/readings/readingPlan'
import { unreadOf } from '@/core/readings/readingPlan'
import type { FeedSource } from '@/services/instruments/instrumentFeeds'
import type { TrayView } from '@/services/tray/trayView'
import { useTimes } from '../small/useTimes'

export interface WhatNextProps {
  readonly view: TrayView
  readonly target: ReadingTarget | null
  readonly instrumentId: number | null
  /** whose lines the bar takes by itself; null for none */
  readonly feed: FeedSource | null
  readonly onFeed: (feed: FeedSource | null) => void
  readonly onInstrument: (id: number) => void
  /** nothing is asked for: one line will do */
  readonly quiet: boolean
}

/** What to read next, with which instrument and how, and whose lines the bar takes. */
export function WhatNext({ view, target, instrumentId, feed, onFeed, onInstrument, quiet }: WhatNextProps) {
  const dimension = target && DIMENSIONS[target.dimension]
  const instrument = view.instruments.find((i) => i.id === instrumentId)
  const doubt = instrument && instrumentDoubt(instrument)
  const { today } = useTimes()
  const overdue = instrument && isDue(instrument.calibrationDueOn, today())
  // Once a crystal is home, what was never read stays unread.
  const standing = [...view.readings, ...view.shapes].filter(({ voidReason }) => voidReason === null)
  const over = unreadOf(view.plan, standing).length === 0 ? 'All read' : 'Nothing to read'
  const enough = asksNext(view)?.answer === 'enough'
  if (quiet) {
    return (
      <Box sx={{ display: 'flex', alignItems: 'center', columnGap: 2, flexWrap: 'wrap', fontSize: 13 }}>
        <Box component="span" sx={{ fontSize: 17, fontWeight: 700 }} data-testid="read-next">
          {over}
        </Box>
        <FeedChoice feed={feed} onFeed={onFeed} />
        <Box component="span" sx={{ color: 'text.secondary', display: { xs: 'none', md: 'inline' } }}>
          to read one all the same, choose it on the drawing
        </Box>
      </Box>
    )
  }
  return (
    <Box>
      <Box sx={{ display: 'flex', alignItems: 'center', justifyContent: 'space-between', gap: 1 }}>
        <Box component="span" sx={{ fontSize: 13, color: 'text.secondary' }}>
          {dimension
            ? enough && isOfCase(target.dimension)
              ? 'For the fit, read'
              : 'Read next'
            : 'Plan done'}
        </Box>
        <FeedChoice feed={feed} onFeed={onFeed} />
      </Box>
      <Box sx={{ fontSize: 22, fontWeight: 700, lineHeight: 1.15 }} data-testid="read-next">
        {dimension && target ? `${dimension.label}, ${dimension.places[target.placeIndex] ?? ''}` : over}
      </Box>
      <Box
        sx={{
          fontSize: 13,
          color: 'text.secondary',
          display: 'flex',
          gap: 1,
          alignItems: 'center',
          flexWrap: 'wrap',
        }}
      >
        {view.instruments.length === 0 ? (
          <span>No instrument: add one in Settings</span>
        ) : (
          <select
            aria-label="Instrument"
            value={instrumentId ?? ''}
            onChange={(event) => onInstrument(Number(event.target.value))}
            style={{
              font: 'inherit',
              color: 'inherit',
              background: 'transparent',
              border: 0,
              borderBottom: '1px solid',
              minHeight: 24,
              maxWidth: 150,
            }}
          >
            {instrumentId === null && <option value="">none reaches it</option>}
            {view.instruments.map((i) => (
              <option
                key={i.id}
                value={i.id}
                disabled={target !== null && reachOf(i.kind, target.dimension) === 'cannot'}
              >
                {i.name}
              </option>
            ))}
          </select>
        )}
        {instrument && (
          <span className="figure">
            zero {formatSignedMm(instrument.zeroOffsetMm, instrument.resolutionMm)}
          </span>
        )}
        {doubt && (
          <strong
            style={{ color: 'var(--mui-palette-error-main)' }}
            title={`${instrument.name} ${doubt.words}`}
          >
            failed its check
          </strong>
        )}
        {overdue && <strong style={{ color: 'var(--mui-palette-warning-main)' }}>calibration overdue</strong>}
        <Box component="span" sx={{ display: { xs: 'none', md: 'inline' } }}>
          {dimension ? dimension.how : 'to repeat one, choose it above'}
        </Box>
      </Box>
    </Box>
  )
}
