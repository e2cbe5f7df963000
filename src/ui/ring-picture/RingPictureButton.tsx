'use client'
import Button from '@mui/material/Button'
import dynamic from 'next/dynamic'
import { useState } from 'react'
import type { RingSample } from '@/services/tray/ringSamples'
import { WorkError } from '../stages/shared/WorkError'
import type { StraightForm } from '../stages/align/useStraightForm'

const RingPictureDialog = dynamic(() => import('./RingPictureDialog').then((m) => m.RingPictureDialog), {
  loading: () => null,
})

interface RingPictureButtonProps {
  readonly form: StraightForm
  /** keys of the page rest while the dialog is open */
  readonly onAsk: (isOpen: boolean) => void
}

/** Reads a ring from a picture instead of tick by tick. */
export function RingPictureButton({ form, onAsk }: RingPictureButtonProps) {
  const [samples, setSamples] = useState<readonly RingSample[] | null>(null)
  const [error, setError] = useState<string | null>(null)
  const open = async () => {
    onAsk(true)
    setError(null)
    const answer = await form.samplesOf().catch(() => null)
    if (answer?.ok) return setSamples(answer.samples)
    onAsk(false)
    setError('Picture: Whyalon does not answer. Start it again.')
  }
  const close = () => {
    onAsk(false)
    setSamples(null)
  }
  return (
    <>
      <Button variant="outlined" onClick={() => void open()} sx={{ minHeight: 44 }}>
        From a picture
      </Button>
      {error && <WorkError text={error} />}
      {samples && <RingPictureDialog form={form} samples={samples} onClose={close} />}
    </>
  )
}
