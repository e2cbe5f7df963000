'use client'
import Box from '@mui/material/Box'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import type { SchoolId } from '@/core/procedure/schools'
import { SCHOOL_IDS, SCHOOLS } from '@/core/procedure/schools'
import type { ChosenOptions } from '@/core/procedure/schoolChoices'
import type { RecordAnswer } from '../forms/useRecordForm'
import { WorkError } from '../stages/shared/WorkError'

export type SaveShopSchool = (input: {
  school: SchoolId
  option: string
  was: string
}) => Promise<RecordAnswer>

const BY_THE_CASE = ''

/** Where practitioners differ: what this shop always does, where practice leaves it the choice. */
export function ShopSchoolsPanel({ schools, save }: { schools: ChosenOptions; save: SaveShopSchool }) {
  const router = useRouter()
  const [error, setError] = useState<string | null>(null)
  return (
    <Box sx={{ mt: 1 }}>
      <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' }, gap: 1.5 }}>
        {SCHOOL_IDS.map((school) => (
          <TextField
            key={school}
            select
            size="small"
            label={SCHOOLS[school].question}
            value={schools[school] ?? BY_THE_CASE}
            onChange={(event) =>
              void save({
                school,
                option: event.target.value,
                was: schools[school] ?? BY_THE_CASE,
              }).then((answer) => {
                setError(answer.ok ? null : Object.values(answer.errors).join(' '))
                if (!answer.ok) router.refresh()
              })
            }
            slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
          >
            <MenuItem value={BY_THE_CASE}>as the case asks</MenuItem>
            {Object.entries(SCHOOLS[school].options).map(([option, words]) => (
              <MenuItem key={option} value={option}>
                {words}
              </MenuItem>
            ))}
          </TextField>
        ))}
      </Box>
      <WorkError text={error} />
    </Box>
  )
}
