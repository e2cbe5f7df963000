import Autocomplete from '@mui/material/Autocomplete'
import TextField from '@mui/material/TextField'
import { useEffect, useRef } from 'react'
import type { Use } from '@/core/intake/jobWords'
import type { WaterClass } from '@/core/intake/waterClass'

/** A case that can be chosen, with what its last tray said of class and use. */
export interface CaseChoice extends WaterClass {
  readonly id: number
  readonly name: string
  readonly use: Use
}

type Option = CaseChoice | { readonly id: 'new'; readonly name: string; readonly typed: string }

export interface CaseChooserProps {
  readonly sheets: readonly CaseChoice[]
  readonly error: string | null
  readonly onKnown: (sheet: CaseChoice | null) => void
  readonly onNew: (maker: string, reference: string) => void
}

/** Finds a case by a few letters; what nobody has seen before becomes a new case under the same field. */
export function CaseChooser({ sheets, error, onKnown, onNew }: CaseChooserProps) {
  const inputRef = useRef<HTMLInputElement>(null)
  // Focused once the page answers: an attribute would focus it before, and what is typed then would be wiped.
  useEffect(() => inputRef.current?.focus(), [])
  return (
    <Autocomplete<Option>
      options={sheets}
      getOptionLabel={(option) => option.name}
      getOptionKey={(option) => option.id}
      isOptionEqualToValue={(a, b) => a.id === b.id}
      autoHighlight
      filterOptions={(options, { inputValue }) => {
        const words = inputValue.toLowerCase().split(/\s+/).filter(Boolean)
        const found = options.filter((o) => words.every((word) => o.name.toLowerCase().includes(word)))
        const typed = inputValue.trim()
        const known = found.some((o) => o.name.toLowerCase() === typed.toLowerCase())
        return typed === '' || known ? found : [...found, { id: 'new', name: `New case: ${typed}`, typed }]
      }}
      onChange={(_, option) => {
        if (option?.id !== 'new') return onKnown(option)
        const [maker = '', ...reference] = option.typed.split(/\s+/)
        onNew(maker, reference.join(' '))
      }}
      renderInput={(params) => (
        <TextField
          {...params}
          label="Case"
          required
          inputRef={inputRef}
          error={error !== null}
          helperText={
            error ??
            'a few letters of maker or reference; a case never seen before: type both and take “new case”'
          }
        />
      )}
    />
  )
}
