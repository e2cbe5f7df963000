'use client'
import Button from '@mui/material/Button'
import dynamic from 'next/dynamic'
import { useState } from 'react'
import type { PhotoGaugeSettings } from '@/services/tray/photoGauge'
import { WorkError } from '../stages/shared/WorkError'
import type { StageWorkProps } from '../stages/StageWorkProps'

const PhotoGaugeDialog = dynamic(() => import('./PhotoGaugeDialog').then((m) => m.PhotoGaugeDialog), {
  loading: () => null,
})

/** Opens the photo gauge with what was last entered of print and camera. */
export function PhotoGaugeButton({ bench, actions }: StageWorkProps) {
  const [settings, setSettings] = useState<PhotoGaugeSettings | null>(null)
  const [error, setError] = useState<string | null>(null)
  const open = async () => {
    // Keys rest from the moment it is asked for: a digit typed while it loads is no reading.
    bench.setAtDialog(true)
    setError(null)
    const answer = await actions.photoGaugeSettings({}).catch(() => null)
    if (answer?.ok) return setSettings(answer)
    bench.setAtDialog(false)
    setError('Photo gauge: Whyalon does not answer. Start it again.')
  }
  const close = () => {
    bench.setAtDialog(false)
    setSettings(null)
  }
  return (
    <>
      <Button size="small" onClick={() => void open()} sx={{ px: 0 }}>
        Photo gauge
      </Button>
      {error && <WorkError text={error} />}
      {settings && <PhotoGaugeDialog bench={bench} actions={actions} settings={settings} onClose={close} />}
    </>
  )
}
