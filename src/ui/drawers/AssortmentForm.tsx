'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import type { CrystalMaterial } from '@/core/fit/parts'
import { CRYSTAL_MATERIALS } from '@/core/fit/parts'
import type { OrderLine } from '@/core/stock/reorder'
import type { Calls } from '@/services/actions'

const RUN = { fromMm: '28.0', toMm: '33.0', stepMm: '0.1', each: '3', edgeThicknessMm: '1.0' }
const RUN_LABELS = {
  fromMm: 'From, mm',
  toMm: 'To, mm',
  stepMm: 'Step, mm',
  edgeThicknessMm: 'Thickness, mm',
  each: 'Of each',
} as const

/** Puts a run of sizes the shop wants to have on the list: what is not there of it. */
export function AssortmentForm({
  assortment,
  onLines,
}: {
  assortment: Calls['assortment']
  onLines: (lines: readonly OrderLine[]) => void
}) {
  const [run, setRun] = useState(RUN)
  const [material, setMaterial] = useState<CrystalMaterial>('mineral')
  const [errors, setErrors] = useState<Readonly<Record<string, string>>>({})
  const [said, setSaid] = useState<string | null>(null)
  return (
    <Box
      component="form"
      aria-label="Assortment"
      sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'flex-start', mt: 0.5 }}
      onSubmit={(event) => {
        event.preventDefault()
        const number = (name: keyof typeof RUN_LABELS) =>
          run[name].trim() === '' ? NaN : Number(run[name].replace(',', '.'))
        const sizes = {
          fromMm: number('fromMm'),
          toMm: number('toMm'),
          stepMm: number('stepMm'),
          edgeThicknessMm: number('edgeThicknessMm'),
          each: number('each'),
        }
        void assortment({ ...sizes, material }).then((found) => {
          setErrors(found.ok ? {} : found.errors)
          if (!found.ok) return
          onLines(found.lines)
          setSaid(
            found.lines.length === 0
              ? `All ${found.sizes} sizes are there.`
              : `${found.lines.length} of ${found.sizes} sizes put on the list.`,
          )
        })
      }}
    >
      {(Object.keys(RUN_LABELS) as (keyof typeof RUN_LABELS)[]).map((name) => (
        <TextField
          key={name}
          size="small"
          label={RUN_LABELS[name]}
          value={run[name]}
          onChange={(event) => setRun({ ...run, [name]: event.target.value })}
          error={errors[name] !== undefined}
          helperText={errors[name]}
          sx={{ width: 116 }}
          slotProps={{ htmlInput: { inputMode: 'decimal', className: 'figure' } }}
        />
      ))}
      <TextField
        select
        size="small"
        label="Flat crystals of"
        value={material}
        onChange={(event) => setMaterial(event.target.value as CrystalMaterial)}
        sx={{ width: 180 }}
      >
        {CRYSTAL_MATERIALS.map((name) => (
          <MenuItem key={name} value={name}>
            {name.replaceAll('-', ' ')}
          </MenuItem>
        ))}
      </TextField>
      <Button type="submit" variant="outlined" sx={{ minHeight: 40, py: 0.5 }}>
        Put a run on the list
      </Button>
      <Box role="status" sx={{ alignSelf: 'center', fontSize: 14.5 }}>
        {said}
      </Box>
    </Box>
  )
}
