import { PARTS } from '@/core/parts/parts'
import Box from '@mui/material/Box'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import Typography from '@mui/material/Typography'
import type { Field } from '@/core/records/Field'
import type { ColumnMapping, ListColumn } from '@/core/stock-list/listColumns'
import type { ListUnit } from '@/core/stock-list/listNumber'
import { LIST_UNITS } from '@/core/stock-list/listNumber'
import type { PartKind } from '@/core/parts/parts'
import type { OpenList } from './useListImport'

export interface ListColumnsProps {
  readonly kind: PartKind
  readonly list: OpenList
  readonly mapping: ColumnMapping
  readonly onMapping: (mapping: ColumnMapping) => void
  /** fields that may hold for all rows */
  readonly defaultsFor: readonly string[]
  readonly defaults: Readonly<Record<string, string>>
  readonly onDefaults: (defaults: Readonly<Record<string, string>>) => void
}

const NOTHING = ''

/** Which column of a list is which field, and what holds for all rows where there is no column. */
export function ListColumns(props: ListColumnsProps) {
  const { kind, list, mapping, onMapping, defaultsFor, defaults, onDefaults } = props
  const fields = PARTS[kind].fields.filter(({ name }) => name !== 'supplier')
  const listed = new Set(Object.values(mapping).map(({ field }) => field))
  const set = (heading: string, column: ListColumn | null) => {
    const others = Object.entries(mapping).filter(
      ([other, { field }]) => other !== heading && field !== column?.field,
    )
    onMapping(Object.fromEntries(column ? [...others, [heading, column]] : others))
  }
  return (
    <Box component="section" aria-label="Columns of the list">
      <Typography variant="h2" component="h2">
        Columns
      </Typography>
      {list.headings.map((heading, at) => (
        <ColumnRow
          key={heading}
          heading={heading}
          example={list.sample
            .slice(0, 3)
            .map((row) => row[at] ?? '')
            .join(' · ')}
          fields={fields}
          column={mapping[heading] ?? null}
          onColumn={(column) => set(heading, column)}
        />
      ))}
      <Typography variant="h3" component="h3" sx={{ mt: 1.5 }}>
        For all rows
      </Typography>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1, mt: 0.5 }}>
        {fields
          .filter(({ name }) => defaultsFor.includes(name) && !listed.has(name))
          .map((field) => (
            <TextField
              key={field.name}
              size="small"
              label={field.kind === 'figure' ? `${field.label}, mm` : field.label}
              select={field.kind === 'choice'}
              value={defaults[field.name] ?? ''}
              onChange={(event) => onDefaults({ ...defaults, [field.name]: event.target.value })}
            >
              {field.kind === 'choice' &&
                field.options.map(({ value, label }) => (
                  <MenuItem key={value} value={value}>
                    {label}
                  </MenuItem>
                ))}
            </TextField>
          ))}
      </Box>
    </Box>
  )
}

interface ColumnRowProps {
  readonly heading: string
  readonly example: string
  readonly fields: readonly Field[]
  readonly column: ListColumn | null
  readonly onColumn: (column: ListColumn | null) => void
}

function ColumnRow({ heading, example, fields, column, onColumn }: ColumnRowProps) {
  const field = fields.find(({ name }) => name === column?.field)
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0,1fr) minmax(0,1fr)', sm: 'minmax(0,1fr) 170px 128px' },
        gap: 1,
        alignItems: 'center',
        borderTop: 1,
        borderColor: 'divider',
        py: 0.5,
      }}
    >
      <Box sx={{ minWidth: 0, gridColumn: { xs: '1 / -1', sm: 'auto' } }}>
        <strong>{heading || 'no heading'}</strong>
        <Box
          className="figure"
          sx={{
            fontSize: 13,
            color: 'text.secondary',
            overflow: 'hidden',
            textOverflow: 'ellipsis',
            whiteSpace: 'nowrap',
          }}
        >
          {example}
        </Box>
      </Box>
      <TextField
        select
        size="small"
        value={column?.field ?? NOTHING}
        onChange={(event) =>
          onColumn(
            event.target.value === NOTHING ? null : { field: event.target.value, unit: column?.unit ?? 'mm' },
          )
        }
        slotProps={{ select: { displayEmpty: true }, htmlInput: { 'aria-label': `${heading} is` } }}
      >
        <MenuItem value={NOTHING}>left out</MenuItem>
        {fields.map(({ name, label }) => (
          <MenuItem key={name} value={name}>
            {label}
          </MenuItem>
        ))}
      </TextField>
      {field?.kind === 'figure' && column ? (
        <TextField
          select
          size="small"
          value={column.unit}
          onChange={(event) => onColumn({ ...column, unit: unitNamed(event.target.value) })}
          slotProps={{ htmlInput: { 'aria-label': `${heading}, unit` } }}
        >
          {Object.keys(LIST_UNITS).map((unit) => (
            <MenuItem key={unit} value={unit}>
              {unit}
            </MenuItem>
          ))}
        </TextField>
      ) : (
        <span />
      )}
    </Box>
  )
}

function unitNamed(text: string): ListUnit {
  return (Object.keys(LIST_UNITS) as ListUnit[]).find((unit) => unit === text) ?? 'mm'
}
