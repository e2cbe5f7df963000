'use client'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import Link from 'next/link'
import { useState } from 'react'
import type { OrderLine } from '@/core/stock/reorder'
import type { Calls } from '@/services/actions'
import type { Refusal } from '@/services/boundary'
import { PageFrame } from '../shell/PageFrame'
import { WorkError } from '../stages/shared/WorkError'
import { AssortmentForm } from './AssortmentForm'
import { countOf, keyOf } from './orderFigures'
import { saveText } from './saveText'
import { SupplierOrder } from './SupplierOrder'

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
        <SupplierOrder
          key={supplier}
          supplier={supplier}
          lines={lines.filter((line) => line.supplier === supplier)}
          counts={counts}
          onCount={(key, text) => setCounts({ ...counts, [key]: text })}
          onSave={() => void save(supplier)}
        />
      ))}
    </PageFrame>
  )
}
