import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import type { PartKind } from '@/core/parts/parts'
import { PART_KINDS, PARTS } from '@/core/parts/parts'

export interface KindChoiceProps {
  readonly label: string
  readonly kind: PartKind
  readonly onKind: (kind: PartKind) => void
}

/** Which kind of part it is about. */
export function KindChoice({ label, kind, onKind }: KindChoiceProps) {
  return (
    <TextField
      select
      size="small"
      label={label}
      value={kind}
      onChange={(event) => onKind(PART_KINDS.find((known) => known === event.target.value) ?? kind)}
      sx={{ width: 160 }}
    >
      {PART_KINDS.map((name) => (
        <MenuItem key={name} value={name}>
          {PARTS[name].many}
        </MenuItem>
      ))}
    </TextField>
  )
}
