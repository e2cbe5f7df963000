'use client'
import Box from '@mui/material/Box'
import { styled } from '@mui/material/styles'
import Link from 'next/link'
import { usePathname } from 'next/navigation'
import { PlaceIcon } from './PlaceIcon'
import { PLACES } from './places'
import { RAIL_WIDTH } from './railWidth'
import { WhoButton } from './WhoButton'

const PlaceLink = styled(Link)(({ theme }) => ({
  display: 'flex',
  flexDirection: 'column',
  alignItems: 'center',
  justifyContent: 'center',
  gap: 4,
  minHeight: 66,
  flex: '1 1 auto',
  fontSize: 12.5,
  textAlign: 'center',
  textDecoration: 'none',
  color: theme.vars.palette.text.primary,
  borderLeft: '4px solid transparent',
  '&[aria-current="page"]': {
    color: theme.vars.palette.primary.main,
    borderLeftColor: theme.vars.palette.primary.main,
    fontWeight: 700,
  },
  [theme.breakpoints.down('sm')]: {
    borderLeft: 0,
    borderTop: '4px solid transparent',
    minHeight: 56,
    '&[aria-current="page"]': { borderTopColor: theme.vars.palette.primary.main },
  },
}))

/** The places of the application and who works at this bench; a foot bar on a phone. */
export function Rail({ worker }: { worker: string | null }) {
  const path = usePathname()
  const isHere = (href: string) => (href === '/' ? path === '/' : path.startsWith(href))
  return (
    <Box
      component="nav"
      aria-label="Places"
      sx={(theme) => ({
        position: 'fixed',
        zIndex: 5,
        bgcolor: theme.vars.palette.paper.rail,
        display: 'flex',
        inset: { xs: 'auto 0 0 0', sm: '0 auto 0 0' },
        width: { xs: 'auto', sm: RAIL_WIDTH },
        flexDirection: { xs: 'row', sm: 'column' },
        '& > a': { flexGrow: { sm: 0 } },
      })}
    >
      <Box
        aria-hidden="true"
        sx={{
          display: { xs: 'none', sm: 'block' },
          textAlign: 'center',
          py: 2,
          fontWeight: 800,
          fontSize: 20,
          color: 'primary.main',
        }}
      >
        Wh
      </Box>
      {PLACES.map(({ href, label, key }) => (
        <PlaceLink
          key={href}
          href={href}
          title={`g then ${key}`}
          aria-current={isHere(href) ? 'page' : undefined}
        >
          <PlaceIcon href={href} />
          {label}
        </PlaceLink>
      ))}
      <WhoButton name={worker} />
    </Box>
  )
}
