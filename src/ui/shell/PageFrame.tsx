import Box from '@mui/material/Box'
import Typography from '@mui/material/Typography'
import type { ReactNode } from 'react'

export interface PageFrameProps {
  readonly title: string
  /** beside the title, in small */
  readonly subtitle?: ReactNode
  /** at the right end of the title's line */
  readonly actions?: ReactNode
  readonly children: ReactNode
}

/** Title line and content of every page but the tray's. */
export function PageFrame({ title, subtitle, actions, children }: PageFrameProps) {
  return (
    <Box component="main" sx={{ px: { xs: 2, sm: 2.5 }, py: 2, pb: { xs: 10, sm: 3 }, maxWidth: 1400 }}>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, flexWrap: 'wrap', minHeight: 44, mb: 2 }}>
        <Typography variant="h1" component="h1">
          {title}
        </Typography>
        <Typography component="div" sx={{ color: 'text.secondary', flexGrow: 1 }}>
          {subtitle}
        </Typography>
        {actions}
      </Box>
      {children}
    </Box>
  )
}
