'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import Typography from '@mui/material/Typography'
import Link from 'next/link'
import { useState } from 'react'
import { CRYSTAL_MATERIALS } from '@/core/fit/parts'
import type { OrderLine } from '@/core/stock/reorder'
import { moneyText } from '@/core/units/moneyText'
import type { CrystalMaterial } from '@/core/fit/parts'
import type { Calls } from '@/services/actions'
import type { Refusal } from '@/services/boundary'
import { PageFrame } from '../shell/PageFrame'
import { WorkError } from '../stages/shared/WorkError'
import { saveText } from './saveText'

export interface OrderPageProps {
  /** what has run low */
  readonly low: readonly OrderLine[]
  readonly assortment: Calls['assortment']
}

/** What is to be ordered, by supplier: what has run low, and runs of sizes the shop wants to have. */
export function OrderPage({ low, assortment }: OrderPageProps) {
  const [lines, setLines] = useState<readonly OrderLine[]>(low)
  const [counts, setCounts] = useState<Readonly<Record<string, string>>>({})
  const [error, setError] = useState<string | null>(null)
  const ordered = lines.map((line) => ({ ...line, order: countOf(counts[keyOf(line)], line.order) }))
  const suppliers = [...new Set(ordered.map(({ supplier }) => supplier))].sort()
  const wrong = ordered.find(({ order }) => order === null)
  const save = async (supplier: string | null) => {
    setError(null)
    const wanted = ordered.filter(
      (line) => (supplier === null || line.supplier === supplier) && line.order !== 0,
    )
    if (wrong) return setError(`Order of ${wrong.description}: type a whole number from 0 to 9999.`)
    const answer = await fetch('/api/orders', {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ lines: wanted }),
    }).catch(() => null)
    if (!answer) return setError('Whyalon does not answer: start it again, then save once more.')
    if (!answer.ok) return setError(Object.values(((await answer.json()) as Refusal).errors).join(' '))
    saveText(
      `order${supplier ? `-${supplier.toLowerCase().replace(/\W+/g, '-')}` : ''}.csv`,
      await answer.text(),
    )
  }
  return (
    <PageFrame
      title="Order"
      subtitle={`${lines.length} lines from ${suppliers.length} suppliers; up to twice the minimum of each`}
      actions={
        <>
          <Link href="/drawers">Back to the drawers</Link>
          <Button variant="contained" disabled={lines.length === 0} onClick={() => void save(null)}>
            Save all as CSV
          </Button>
        </>
      }
    >
      <AssortmentForm
        assortment={assortment}
        onLines={(found) => {
          const known = new Set(lines.map(keyOf))
          setLines([...lines, ...found.filter((line) => !known.has(keyOf(line)))])
        }}
      />
      <WorkError text={error} />
      {lines.length === 0 && (
        <Typography sx={{ mt: 2 }}>
          Nothing has run low. Set a minimum on a line to have it watched.
        </Typography>
      )}
      {suppliers.map((supplier) => (
        <Box key={supplier} component="section" aria-label={supplier || 'No supplier'} sx={{ mt: 2 }}>
          <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 2 }}>
            <Typography variant="h2" component="h2">
              {supplier || 'No supplier yet'}
            </Typography>
            <Button variant="text" sx={{ minHeight: 32, py: 0 }} onClick={() => void save(supplier)}>
              CSV
            </Button>
            <Box component="span" className="figure" data-testid="total" sx={{ ml: 'auto', fontSize: 15 }}>
              {totalText(ordered.filter((line) => line.supplier === supplier))}
            </Box>
          </Box>
          {lines
            .filter((line) => line.supplier === supplier)
            .map((line) => (
              <Box
                key={keyOf(line)}
                sx={{
                  display: 'grid',
                  gridTemplateColumns: { xs: 'minmax(0,1fr) 84px', sm: 'minmax(0,1fr) 220px 110px 110px' },
                  columnGap: 1.5,
                  rowGap: 0.25,
                  alignItems: 'center',
                  borderTop: 1,
                  borderColor: 'divider',
                  py: 0.4,
                }}
              >
                <span>{line.description}</span>
                <Box
                  component="span"
                  className="figure"
                  sx={{ fontSize: 14, color: 'text.secondary', gridRow: { xs: 2, sm: 'auto' } }}
                >
                  {line.supplierCode || line.code || 'no code yet'}
                </Box>
                <Box
                  component="span"
                  className="figure"
                  sx={{ fontSize: 14, textAlign: 'right', gridRow: { xs: 2, sm: 'auto' } }}
                >
                  {line.there} there
                </Box>
                <TextField
                  size="small"
                  value={counts[keyOf(line)] ?? String(line.order)}
                  onChange={(event) => setCounts({ ...counts, [keyOf(line)]: event.target.value })}
                  error={countOf(counts[keyOf(line)], line.order) === null}
                  slotProps={{
                    htmlInput: {
                      inputMode: 'numeric',
                      className: 'figure',
                      'aria-label': `Order of ${line.description}`,
                      style: { textAlign: 'right' },
                    },
                  }}
                />
              </Box>
            ))}
        </Box>
      ))}
    </PageFrame>
  )
}

/** What lines come to as they are ordered now. A price of nothing is one nobody knows. */
function totalText(lines: readonly { readonly priceCents: number; readonly order: number | null }[]): string {
  const ordered = lines.filter(({ order }) => order !== null && order > 0)
  const total = ordered.reduce((sum, { priceCents, order }) => sum + priceCents * (order ?? 0), 0)
  const unpriced = ordered.filter(({ priceCents }) => priceCents === 0).length
  return `comes to ${moneyText(total)}${unpriced > 0 ? ` and ${unpriced} without a price` : ''}`
}

function keyOf({ code, description, supplier }: OrderLine): string {
  return code || `${supplier} ${description}`
}

function countOf(text: string | undefined, otherwise: number): number | null {
  if (text === undefined) return otherwise
  return /^\d{1,4}$/.test(text.trim()) ? Number(text) : null
}

const RUN = { fromMm: '28.0', toMm: '33.0', stepMm: '0.1', each: '3', edgeThicknessMm: '1.0' }
const RUN_LABELS = {
  fromMm: 'From, mm',
  toMm: 'To, mm',
  stepMm: 'Step, mm',
  edgeThicknessMm: 'Thickness, mm',
  each: 'Of each',
} as const

function AssortmentForm({
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
