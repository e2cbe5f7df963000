'use client'
import Box from '@mui/material/Box'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import Typography from '@mui/material/Typography'
import type { DrySource } from '@/core/dry-test/DryTrace'
import { MOST_DRY_CSV, TOO_LONG } from '@/core/dry-test/DryTrace'
import type { OrderedDry } from '@/core/dry-test/simulatedOrders'
import { FileButton } from '../../../small/FileButton'
import { useTesterFeed } from './useTesterFeed'

/** What a tester wrote, and where it comes from. */
export interface DryRecordChosen {
  readonly source: DrySource
  readonly text: string
  /** what it is called; null while there is none */
  readonly name: string | null
  /** what a simulated tester is to show */
  readonly does: OrderedDry
}

export const NO_DRY_RECORD: DryRecordChosen = { source: 'file', text: '', name: null, does: 'tight' }

export interface DryRecordSourceProps {
  readonly chosen: DryRecordChosen
  /** the tester that is listened to; null while none is chosen */
  readonly testerId: string | null
  readonly isBlank: boolean
  /** what a simulated tester can show; empty where none counts */
  readonly orders: readonly OrderedDry[]
  /** what is wrong with what was chosen; null while nothing is */
  readonly error: string | null
  readonly onChosen: (chosen: DryRecordChosen) => void
  readonly onRefused: (against: string) => void
}

const SOURCE_WORDS: Readonly<Record<DrySource, string>> = {
  file: 'a file',
  bridge: 'over the bridge',
  simulated: 'a simulated tester',
}

/** Where a tester's record comes from. */
export function DryRecordSource(props: DryRecordSourceProps) {
  const { chosen, testerId, isBlank, orders, error, onChosen, onRefused } = props
  const { source, name, does } = chosen
  useTesterFeed(source === 'bridge' ? testerId : null, (text) =>
    onChosen({ ...chosen, text, name: 'a record came over the bridge' }),
  )
  const sources: readonly DrySource[] =
    orders.length > 0 ? ['file', 'bridge', 'simulated'] : ['file', 'bridge']
  return (
    <Box sx={{ mt: 0.5 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1.5, minHeight: 52 }}>
        <TextField
          select
          size="small"
          label="Record from"
          value={source}
          onChange={({ target }) =>
            onChosen({
              ...NO_DRY_RECORD,
              does,
              source: sources.find((one) => one === target.value) ?? 'file',
            })
          }
          sx={{ minWidth: 176 }}
        >
          {sources.map((one) => (
            <MenuItem key={one} value={one}>
              {SOURCE_WORDS[one]}
            </MenuItem>
          ))}
        </TextField>
        {source === 'simulated' && !isBlank && (
          <TextField
            select
            size="small"
            label="The case is"
            value={does}
            onChange={({ target }) =>
              onChosen({ ...chosen, does: orders.find((one) => one === target.value) ?? does })
            }
            sx={{ minWidth: 150 }}
          >
            {orders.map((one) => (
              <MenuItem key={one} value={one}>
                {one}
              </MenuItem>
            ))}
          </TextField>
        )}
        {source === 'file' && (
          <FileButton
            label={name === null ? 'Choose the file' : 'Another file'}
            accept=".csv,.txt,.tsv,text/csv"
            variant="outlined"
            onFile={(file) =>
              file.size > MOST_DRY_CSV
                ? onRefused(TOO_LONG)
                : void file.text().then((text) => onChosen({ ...chosen, text, name: file.name }))
            }
          />
        )}
        {source !== 'simulated' && (
          <Typography variant="body2" role="status" sx={{ color: 'text.secondary' }}>
            {name ?? (source === 'bridge' ? 'Listening: start the test.' : '')}
          </Typography>
        )}
      </Box>
      {error !== null && (
        <Typography role="alert" sx={{ color: 'error.main', fontSize: 14.5 }}>
          {error}
        </Typography>
      )}
    </Box>
  )
}
