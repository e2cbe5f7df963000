import Box from '@mui/material/Box'
import { offsetField } from '@/core/straight/checkLook'
import type { StraightForm } from './useStraightForm'

interface OffsetInputProps {
  readonly form: StraightForm
  readonly hour: number
}

/** A tick's offset, typed at its hour. A caliper's data key ends a figure with Enter: it goes on to the next hour not read. */
export function OffsetInput({ form, hour }: OffsetInputProps) {
  const { draft, errors, inHand } = form
  const wrong = errors[offsetField(hour)]
  return (
    <Box
      component="input"
      className="figure"
      type="text"
      inputMode="decimal"
      aria-label={labelOf(hour)}
      aria-invalid={wrong !== undefined}
      value={draft?.texts[hour] ?? ''}
      disabled={!inHand}
      placeholder={`at ${hour}`}
      onChange={(event: React.ChangeEvent<HTMLInputElement>) =>
        form.type({ texts: { ...draft?.texts, [hour]: event.target.value } })
      }
      onKeyDown={(event: React.KeyboardEvent<HTMLInputElement>) => {
        if (event.key !== 'Enter') return
        event.preventDefault()
        const next = nextUnread(form, hour)
        if (next === null) form.store()
        else inputAt(event.currentTarget, next)?.focus()
      }}
      sx={{
        width: 62,
        height: 40,
        textAlign: 'center',
        fontSize: 16,
        color: 'text.primary',
        bgcolor: 'background.paper',
        border: 1.5,
        borderColor: wrong ? 'error.main' : 'primary.main',
        borderRadius: 1,
      }}
    />
  )
}

const labelOf = (hour: number) => `Offset at ${hour}, mm`

/** The next hour round the ring that nobody read; null where all are, or where this one was left empty. */
function nextUnread({ draft }: StraightForm, hour: number): number | null {
  if (!draft) return null
  const isEmpty = (one: number) => (draft.texts[one] ?? '').trim() === ''
  // Enter in an empty field says that no more is read.
  if (isEmpty(hour)) return null
  const at = draft.hours.indexOf(hour)
  const round = [...draft.hours.slice(at + 1), ...draft.hours.slice(0, at)]
  return round.find(isEmpty) ?? null
}

function inputAt(from: HTMLElement, hour: number): HTMLElement | null {
  return from.closest('section')?.querySelector(`input[aria-label="${labelOf(hour)}"]`) ?? null
}
