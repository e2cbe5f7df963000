'use client'
import Box from '@mui/material/Box'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import type { PhotoDimension } from '@/core/photo-gauge/photoDimensions'
import { PHOTO_DIMENSION_IDS } from '@/core/photo-gauge/photoDimensions'
import { DIMENSIONS } from '@/core/readings/dimensions'
import { FileButton } from '../small/FileButton'
import type { GaugeTexts } from './gaugeFields'

export interface GaugeSetupProps {
  readonly texts: GaugeTexts
  readonly onTexts: (texts: GaugeTexts) => void
  readonly dimension: PhotoDimension
  readonly onDimension: (dimension: PhotoDimension) => void
  /** takes another picture; null while there is none yet */
  readonly onOther: ((file: File) => void) | null
}

/** What is read, and what is known of print and picture. */
export function GaugeSetup({ texts, onTexts, dimension, onDimension, onOther }: GaugeSetupProps) {
  const field = (name: keyof GaugeTexts, label: string, help: string) => (
    <TextField
      label={`${label}, mm`}
      value={texts[name]}
      onChange={(event) => onTexts({ ...texts, [name]: event.target.value })}
      helperText={help}
      size="small"
      slotProps={{ htmlInput: { className: 'figure', inputMode: 'decimal' } }}
    />
  )
  return (
    <Box sx={{ mt: 1.5 }}>
      <TextField
        select
        fullWidth
        size="small"
        label="What is read"
        value={dimension}
        onChange={(event) => {
          const next = PHOTO_DIMENSION_IDS.find((id) => id === event.target.value)
          if (next) onDimension(next)
        }}
      >
        {PHOTO_DIMENSION_IDS.map((id) => (
          <MenuItem key={id} value={id}>
            {DIMENSIONS[id].label}
          </MenuItem>
        ))}
      </TextField>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', columnGap: 1.25, rowGap: 1.75, mt: 1.75 }}>
        {field('edgeHeight', 'Edge height', 'over the paper; thickness below the bevel')}
        {field('cameraHeight', 'Camera height', 'from paper to lens')}
        {field('levelBar', 'Level bar', 'drawn 100')}
        {field('uprightBar', 'Upright bar', 'drawn 70; may be left out')}
      </Box>
      <Box sx={{ display: 'flex', gap: 1.5, mt: 0.5, alignItems: 'center', fontSize: 14.5 }}>
        <a href="/api/gauge-sheet" target="_blank" rel="noreferrer">
          Gauge sheet, PDF
        </a>
        <a href="/api/gauge-sheet?format=svg" target="_blank" rel="noreferrer">
          SVG
        </a>
        {onOther && <FileButton label="Another picture" accept="image/*" onFile={onOther} />}
      </Box>
    </Box>
  )
}
