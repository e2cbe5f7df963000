'use client'
import Box from '@mui/material/Box'
import TextField from '@mui/material/TextField'
import Typography from '@mui/material/Typography'
import Link from 'next/link'
import { useState } from 'react'
import type { PinSetting } from '@/core/notches/pinTriple'
import { pinSetting } from '@/core/notches/pinTriple'
import { screwOrder } from '@/core/notches/screwOrder'
import { OPENING_GUIDES } from '@/core/opening/backKinds'
import { circleFromChordText } from '@/core/opening/circleFromChordText'
import { formatMm } from '@/core/units/formatMm'
import type { TrayView } from '@/services/trayView'
import { BackDrawing } from '../section/BackDrawing'
import { Caution } from './StageGuidePanel'

/** How this very back is opened: steps by its kind, pins to set or screws in order, drawn to scale. */
export function OpeningPanel({ sheet }: { sheet: TrayView['sheet'] }) {
  if (sheet.backKind === null) {
    return (
      <Typography sx={{ fontSize: '1.15rem' }}>
        The case sheet does not say how the back is held. Look, then{' '}
        <Link href={`/sheets/${sheet.id}`}>write it on the sheet</Link>: the next tray of this case knows it.
      </Typography>
    )
  }
  const guide = OPENING_GUIDES[sheet.backKind]
  return (
    <Box component="section" aria-label="Opening">
      <Typography variant="h2" component="h2" sx={{ fontSize: '1.3rem' }}>
        Open: {sheet.backKind.replaceAll('-', ' ')} back
      </Typography>
      <Caution text={guide.caution} />
      <Box component="ol" sx={{ mt: 1, pl: 2.5, '& li': { mb: 0.5 } }}>
        {guide.steps.map((step) => (
          <li key={step}>{step}</li>
        ))}
      </Box>
      {sheet.backKind === 'screw-notched' && <Pins sheet={sheet} />}
      {sheet.backKind === 'plate-screws' && <Screws sheet={sheet} />}
    </Box>
  )
}

function Pins({ sheet }: { sheet: TrayView['sheet'] }) {
  const [chord, setChord] = useState('')
  const { notchCount } = sheet
  if (notchCount === null) return <Missing what="number of notches" sheetId={sheet.id} />
  const skip = Math.max(1, Math.floor(notchCount / 3))
  const limitMm = sheet.caseDiameterMm
  const fromChord = chord === '' ? null : circleFromChordText(chord, notchCount, skip, limitMm)
  const circleMm = fromChord?.ok ? fromChord.circleMm : sheet.notchCircleMm
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 240px' }, columnGap: 2 }}>
      <Box>
        {circleMm !== null && (
          <SettingText
            setting={pinSetting(circleMm, notchCount)}
            notchCount={notchCount}
            circleMm={circleMm}
          />
        )}
        <TextField
          label={`Measured chord, notches ${skip} apart`}
          value={chord}
          onChange={(event) => setChord(event.target.value)}
          error={fromChord?.ok === false}
          helperText={
            fromChord?.ok === false
              ? fromChord.message
              : circleMm === null
                ? 'the case sheet does not know the notch circle: measure between notch centres, mm'
                : 'if this back differs from the sheet, mm'
          }
          sx={{ mt: 1.5, width: '100%' }}
        />
      </Box>
      {circleMm !== null && (
        <BackDrawing
          circleMm={circleMm}
          count={notchCount}
          pins={pinsOf(pinSetting(circleMm, notchCount))}
          order={null}
        />
      )}
    </Box>
  )
}

function pinsOf(setting: PinSetting): readonly number[] {
  return setting.grip === 'two-pins' ? [0, 1] : setting.triple.notches
}

function SettingText({
  setting,
  notchCount,
  circleMm,
}: {
  setting: PinSetting
  notchCount: number
  circleMm: number
}) {
  const circle = `${notchCount} notches on ${formatMm(circleMm)}`
  if (setting.grip === 'two-pins') {
    return (
      <Typography>
        {circle}: two pins, <strong className="figure">{formatMm(setting.spacingMm)}</strong> apart.{' '}
        {setting.instead}
      </Typography>
    )
  }
  const { triple } = setting
  return (
    <>
      <Typography>{circle}. Set two pins</Typography>
      <Typography
        className="figure"
        data-testid="pin-spacing"
        sx={{ fontSize: 40, fontWeight: 700, lineHeight: 1.1 }}
      >
        {formatMm(triple.pairSpacingMm)}
      </Typography>
      <Typography>
        apart, the third <strong className="figure">{formatMm(triple.thirdPinDistanceMm)}</strong> from their
        line: gaps of {triple.gaps.join(', ')} notches.
      </Typography>
      {setting.grip === 'rocks' && (
        <Typography sx={{ color: 'error.main', mt: 0.5 }}>
          <strong>Three pins rock here.</strong> Two of them stand on a diameter, so the wrench tips.{' '}
          {setting.instead}
        </Typography>
      )}
    </>
  )
}

function Screws({ sheet }: { sheet: TrayView['sheet'] }) {
  const { backScrewCount: count, caseDiameterMm } = sheet
  if (count === null) return <Missing what="number of back screws" sheetId={sheet.id} />
  const order = screwOrder(count)
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 240px' }, columnGap: 2 }}>
      <Typography>
        Loosen in the order drawn, opposite before neighbour: screws {order.map((i) => i + 1).join(', ')},
        counted clockwise from 12. Closing goes the same way in two passes: seat them all, then snug.
      </Typography>
      <BackDrawing
        circleMm={(caseDiameterMm ?? ASSUMED_CASE_MM) * SCREW_CIRCLE_SHARE}
        count={count}
        pins={[]}
        order={order}
      />
    </Box>
  )
}

/** A plate's screws stand near its edge; only the order matters, so the circle is assumed. */
const SCREW_CIRCLE_SHARE = 0.78
const ASSUMED_CASE_MM = 38

function Missing({ what, sheetId }: { what: string; sheetId: number }) {
  return (
    <Typography>
      The case sheet does not know the {what}: count, then{' '}
      <Link href={`/sheets/${sheetId}`}>write it on the sheet</Link>.
    </Typography>
  )
}
