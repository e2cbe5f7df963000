import Box from '@mui/material/Box'
import ButtonBase from '@mui/material/ButtonBase'
import type { SchoolId, SchoolStand } from '@/core/procedure/schools'
import { SCHOOLS } from '@/core/procedure/schools'

export interface SchoolChoiceProps {
  readonly school: SchoolStand & { readonly id: SchoolId }
  /** null where it cannot be changed any more */
  readonly onChoose: ((option: string) => void) | null
}

/** The school followed, why, and every other one a tap away; where practice leaves no choice it says so. */
export function SchoolChoice({ school, onChoose }: SchoolChoiceProps) {
  const { question, options } = SCHOOLS[school.id]
  const words = (option: string) => (options as Readonly<Record<string, string>>)[option] ?? option
  const { against = {} } = school
  const others = Object.keys(options).filter(
    (option) => option !== school.option && against[option] === undefined,
  )
  const notHere = Object.entries(against).map(([option, why]) => `${words(option)} (${why})`)
  return (
    <Box
      data-testid={`school-${school.id}`}
      sx={{ mt: 0.5, pl: 1.25, borderLeft: 3, borderColor: 'warning.main' }}
    >
      {question}: <strong>{words(school.option)}</strong>, {school.because}.{' '}
      {school.open && onChoose ? (
        <>
          Others do it by:{' '}
          {others.map((option) => (
            <ButtonBase
              key={option}
              onClick={() => onChoose(option)}
              sx={{
                font: 'inherit',
                minHeight: 28,
                mr: 1,
                textAlign: 'left',
                color: 'primary.main',
                textDecoration: 'underline',
              }}
            >
              {words(option)}
            </ButtonBase>
          ))}
        </>
      ) : (
        <span style={{ color: 'var(--mui-palette-text-secondary)' }}>No other way here.</span>
      )}
      {notHere.length > 0 && (
        <span style={{ color: 'var(--mui-palette-text-secondary)' }}> Not here: {notHere.join('; ')}.</span>
      )}
    </Box>
  )
}
