import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import type { ReactNode } from 'react'
import type { Taker } from './useTakeOut'

export interface TakeOutRowProps {
  readonly title: string
  /** code and drawer of the line */
  readonly where: string
  readonly children: ReactNode
  /** null for what does not serve */
  readonly taker: Taker | null
}

/** A part of the drawers that would serve, why, and a way to take it out. */
export function TakeOutRow({ title, where, children, taker }: TakeOutRowProps) {
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
      <Box sx={{ display: 'grid', justifyItems: 'end', rowGap: 0.25 }}>
        {taker && taker.out > 0 && (
          <Box component="strong" sx={{ fontSize: 13.5, color: 'success.main' }}>
            ✓ {taker.out} out for this tray
          </Box>
        )}
        {taker?.take && (
          <Button variant={taker.out > 0 ? 'text' : 'outlined'} size="small" onClick={taker.take}>
            {taker.out > 0 ? 'Take another' : 'Take out'}
          </Button>
        )}
      </Box>
    </Box>
  )
}
