'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import Typography from '@mui/material/Typography'
import { useState } from 'react'
import type { PinSetting } from '@/core/notches/pinTriple'
import { chordSkip } from '@/core/notches/chordSkip'
import { pinSetting } from '@/core/notches/pinTriple'
import { circleFromChordText } from '@/core/opening/circleFromChordText'
import { PIN_SHAPES } from '@/core/opening/pinShapes'
import { formatMm } from '@/core/units/formatMm'
import type { TrayView } from '@/services/tray/trayView'
import type { BackRing } from '../../section/BackDrawing'

export interface PinsPanelProps {
  readonly sheet: TrayView['sheet']
  readonly notchCount: number
  /** measured on this piece, else from the sheet; null when neither knows */
  readonly circleMm: number | null
  readonly onChordCircle: (circleMm: number | null) => void
  /** keeps the circle of a chord on the sheet; null once the tray was handed back */
  readonly onKeep: ((chord: string) => void) | null
}

/** What to set on the wrench, from the sheet's notch circle or from a chord measured on this piece. */
export function PinsPanel({ sheet, notchCount, circleMm, onChordCircle, onKeep }: PinsPanelProps) {
  const [chord, setChord] = useState('')
  const [differs, setDiffers] = useState(circleMm === null)
  const skip = chordSkip(notchCount)
  const fromChord = chord === '' ? null : circleFromChordText(chord, notchCount, skip, sheet.caseDiameterMm)
  return (
    <Box>
      {circleMm !== null && (
        <SettingText setting={pinSetting(circleMm, notchCount)} notchCount={notchCount} circleMm={circleMm} />
      )}
      <Typography sx={{ fontSize: 14.5, mt: 0.5 }}>
        {sheet.notchShape
          ? `${sheet.notchShape} notches: ${PIN_SHAPES[sheet.notchShape]}.`
          : 'Pins that fill the notch: flat for square, round for drilled, wide for large or tooth-shaped ones.'}
      </Typography>
      {!differs && (
        <Button size="small" onClick={() => setDiffers(true)} sx={{ px: 0 }}>
          This back differs: measure a chord
        </Button>
      )}
      {differs && (
        <TextField
          autoFocus={circleMm !== null}
          label={`Measured chord, notches ${skip} apart`}
          value={chord}
          onChange={(event) => {
            const text = event.target.value
            setChord(text)
            const found =
              text === '' ? null : circleFromChordText(text, notchCount, skip, sheet.caseDiameterMm)
            onChordCircle(found?.ok ? found.circleMm : null)
          }}
          error={fromChord?.ok === false}
          helperText={
            fromChord?.ok === false
              ? fromChord.message
              : circleMm === null
                ? 'the case sheet does not know the notch circle: measure between notch centres, mm'
                : 'if this back differs from the sheet, mm'
          }
          sx={{ mt: 1, width: '100%' }}
        />
      )}
      {fromChord?.ok && onKeep && (
        <Button size="small" variant="outlined" onClick={() => onKeep(chord)} sx={{ mt: 0.5 }}>
          Keep {formatMm(fromChord.circleMm)} on the sheet
        </Button>
      )}
    </Box>
  )
}

/** Notches with the pins the wrench stands on; plain while circle or count is not known. */
export function ringOfNotches(circleMm: number | null, notchCount: number | null): BackRing {
  if (circleMm === null || notchCount === null) return { kind: 'plain' }
  return { kind: 'notches', circleMm, count: notchCount, pins: pinsOf(pinSetting(circleMm, notchCount)) }
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
