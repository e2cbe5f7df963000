'use client'
import ButtonBase from '@mui/material/ButtonBase'
import dynamic from 'next/dynamic'
import { useState } from 'react'

const WhoDialog = dynamic(() => import('./WhoDialog').then((m) => m.WhoDialog), { loading: () => null })

/** Who works at this bench, at the foot of the rail: one tap hands it over. */
export function WhoButton({ name }: { name: string | null }) {
  const [isOpen, setOpen] = useState(false)
  return (
    <>
      <ButtonBase
        onClick={() => setOpen(true)}
        title={name === null ? 'Nobody is named at this bench' : `${name} works at this bench`}
        sx={(theme) => ({
          flexDirection: 'column',
          gap: 0.5,
          px: 0.5,
          minHeight: { xs: 56, sm: 66 },
          width: { xs: 64, sm: '100%' },
          mt: { sm: 'auto' },
          mb: { sm: 1 },
          fontSize: 12.5,
          lineHeight: 1.25,
          color: theme.vars.palette.text.primary,
          '& strong': {
            maxWidth: '100%',
            overflow: 'hidden',
            textOverflow: 'ellipsis',
            whiteSpace: 'nowrap',
            fontSize: 15,
          },
        })}
      >
        <span>At this bench</span>
        <strong>{name ?? 'who?'}</strong>
      </ButtonBase>
      {isOpen && <WhoDialog name={name} onClose={() => setOpen(false)} />}
    </>
  )
}
