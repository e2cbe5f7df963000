import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import type { ReactNode } from 'react'

export interface TakeOutRowProps {
  readonly title: string
  /** code and drawer of the line */
  readonly where: string
  readonly children: ReactNode
  /** null where nothing may be taken any more */
  readonly onTake: (() => void) | null
}

/** A part of the drawers that would serve, why, and a way to take it out. */
export function TakeOutRow({ title, where, children, onTake }: TakeOutRowProps) {
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: 'minmax(0,1fr) auto',
        columnGap: 1.5,
        alignItems: 'center',
        py: 0.6,
        borderTop: 1,
        borderColor: 'divider',
      }}
    >
      <Box>
        <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 1, flexWrap: 'wrap' }}>
          <strong>{title}</strong>
          <Box component="span" className="figure" sx={{ fontSize: 14 }}>
            {where}
          </Box>
        </Box>
        <Box sx={{ fontSize: 13.5, color: 'text.secondary' }}>{children}</Box>
      </Box>
      {onTake && (
        <Button variant="outlined" size="small" onClick={onTake}>
          Take out
        </Button>
      )}
    </Box>
  )
}
