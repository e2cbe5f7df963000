'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import { useState } from 'react'
import { keepBenchName } from './benchCookie'
import { WhoForm } from './WhoForm'

/** Asks once who works at this bench; whoever is in a hurry goes on without saying. */
export function WhoBar() {
  const [isOpen, setOpen] = useState(true)
  if (!isOpen) return null
  return (
    <Box
      component="section"
      aria-label="Who works here"
      sx={{
        display: 'flex',
        alignItems: 'flex-start',
        columnGap: 3,
        rowGap: 1,
        flexWrap: 'wrap',
        px: { xs: 2, sm: 2.5 },
        py: 1.5,
        borderBottom: 2,
        borderColor: 'primary.main',
      }}
    >
      <Box sx={{ flex: '1 1 260px' }}>
        <Typography sx={{ fontWeight: 700 }}>Who works at this bench?</Typography>
        <Typography variant="body2" sx={{ color: 'text.secondary' }}>
          It stands beside everything you read, tick, pick or change, so that the shop can ask later.
        </Typography>
      </Box>
      <WhoForm name={null} onDone={() => setOpen(false)} />
      <Button
        onClick={() => {
          keepBenchName('')
          setOpen(false)
        }}
      >
        Not now
      </Button>
    </Box>
  )
}
