'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import { useState } from 'react'
import type { ShopPolicy } from '@/core/policy/ShopPolicy'
import { BUILT_IN_VALUES, policyValues } from '@/core/policy/policyChanges'
import type { PolicyField } from '@/core/policy/PolicyField'
import { POLICY_FIELDS } from '@/core/policy/policyFields'
import type { Field } from '@/core/records/Field'
import { MINUS } from '@/core/units/formatMm'
import type { FormValues } from '../forms/FormValues'
import { RecordForm } from '../forms/RecordForm'
import type { RecordAnswer } from '../forms/useRecordForm'

export type SavePolicy = (input: { fields: FormValues; was: FormValues }) => Promise<RecordAnswer>

const GROUPS = [...new Set(POLICY_FIELDS.map(({ group }) => group))]

/** Limits everything is judged by: the shop's own beside what is built in, and where that comes from. */
export function PolicyPanel({ policy, save }: { policy: ShopPolicy; save: SavePolicy }) {
  const [open, setOpen] = useState<string | null>(null)
  const values = policyValues(policy)
  return (
    <Box sx={{ mt: 0.5 }}>
      {GROUPS.map((group) => {
        const own = POLICY_FIELDS.filter((one) => one.group === group)
        const changed = own.filter(({ field }) => values[field.name] !== BUILT_IN_VALUES[field.name])
        return (
          <Box
            key={group}
            component="section"
            aria-label={group}
            sx={{ borderTop: 1, borderColor: 'divider', py: 0.5 }}
          >
            <Box sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'center', gap: 2 }}>
              <Box sx={{ minWidth: 0 }}>
                <Typography variant="h3" component="h3">
                  {group}
                </Typography>
                <Typography variant="body2" sx={{ color: 'text.secondary' }}>
                  {summary(own, values)}
                  {changed.length > 0 && (
                    <Box component="strong" sx={{ color: 'warning.main' }}>
                      {' '}
                      {changed.length} changed
                    </Box>
                  )}
                </Typography>
              </Box>
              <Button
                variant="text"
                sx={{ flexShrink: 0, whiteSpace: 'nowrap' }}
                aria-expanded={open === group}
                onClick={() => setOpen(open === group ? null : group)}
              >
                {open === group ? 'Leave it' : 'Change'}
              </Button>
            </Box>
            {open === group && (
              <RecordForm
                fields={own.map(({ field, source }) => ({
                  ...field,
                  help: `built in ${shown(field, BUILT_IN_VALUES[field.name]) || 'none'}, ${source}`,
                }))}
                initial={values}
                submitLabel="Store"
                onSubmit={async (fields, was) => {
                  const result = await save({ fields, was })
                  if (result.ok) setOpen(null)
                  return result
                }}
              />
            )}
          </Box>
        )
      })}
    </Box>
  )
}

/** A group in one line; the two ends of a window are told together. */
function summary(own: readonly PolicyField[], values: Readonly<Record<string, number | string>>): string {
  const parts = own.map(({ field }, i) => {
    const next = own[i + 1]?.field
    const before = own[i - 1]?.field
    if (before && isWindow(before, field)) return null
    const value = shown(field, values[field.name])
    return next && isWindow(field, next)
      ? `${field.label.replace(LEAST, '')} ${value.replace(/ .*$/, '')} to ${shown(next, values[next.name])}`
      : `${field.label} ${value || 'none'}`
  })
  return parts.filter((part) => part !== null).join(' · ')
}

const LEAST = /, least$/

/** True for the two ends of one window. */
function isWindow(low: Field, high: Field): boolean {
  return LEAST.test(low.label) && low.name.replace('-low', '-high') === high.name
}

function shown(field: Field, value: number | string | undefined): string {
  if (value === undefined || value === '') return ''
  if (field.kind === 'figure') return `${String(value).replace('-', MINUS)} ${field.unit ?? 'mm'}`
  return String(value).replaceAll('-', ' ')
}
