import Box from '@mui/material/Box'
import Typography from '@mui/material/Typography'
import type { FieldGroup } from '@/core/records/caseSheetGroups'
import { inGroups } from '@/core/records/caseSheetGroups'
import type { FieldValue } from '@/core/records/checkRecord'
import type { Field } from '@/core/records/Field'
import { fieldText } from '@/core/records/fieldText'

export interface FactGroupsProps {
  readonly groups: readonly FieldGroup[]
  /** those that are known */
  readonly facts: readonly Field[]
  readonly values: Readonly<Record<string, FieldValue>>
}

/** Facts of a record under the headings of their groups. */
export function FactGroups({ groups, facts, values }: FactGroupsProps) {
  return (
    <Box>
      {inGroups(groups, facts).map(({ title, fields }) => (
        <FactGroup key={title} title={title} fields={fields} values={values} />
      ))}
    </Box>
  )
}

interface FactGroupProps {
  readonly title: string
  readonly fields: readonly Field[]
  readonly values: Readonly<Record<string, FieldValue>>
}

function FactGroup({ title, fields, values }: FactGroupProps) {
  return (
    <Box component="section" aria-label={title} sx={{ mb: 1.5 }}>
      <Typography variant="h2" component="h2" sx={{ mb: 0.5 }}>
        {title}
      </Typography>
      <Box
        component="dl"
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' },
          columnGap: 3,
          m: 0,
          fontSize: 14.5,
          '& > div': {
            display: 'flex',
            justifyContent: 'space-between',
            gap: 1.5,
            borderTop: 1,
            borderColor: 'divider',
            py: 0.5,
          },
          '& dt': { color: 'text.secondary' },
          '& dd': { m: 0, textAlign: 'right' },
        }}
      >
        {fields.map((field) => (
          <Fact key={field.name} field={field} value={values[field.name] ?? null} />
        ))}
      </Box>
    </Box>
  )
}

function Fact({ field, value }: { field: Field; value: FieldValue }) {
  return (
    <div>
      <dt>{field.label}</dt>
      <dd className={typeof value === 'number' ? 'figure' : undefined}>{fieldText(field, value)}</dd>
    </div>
  )
}
