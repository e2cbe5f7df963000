'use client'
import Button from '@mui/material/Button'
import dynamic from 'next/dynamic'
import { useState } from 'react'
import type { UpgradesFound } from '@/services/tray/compareUpgrades'
import { WorkError } from '../shared/WorkError'
import type { StageWorkProps } from '../StageWorkProps'

const UpgradesDialog = dynamic(() => import('./UpgradesDialog').then((m) => m.UpgradesDialog), {
  loading: () => null,
})

const AWAY = 'Whyalon does not answer: start it again, then compare once more.'

/** Opens the comparison of what else the drawers could give this case. */
export function UpgradesButton({ bench, actions }: StageWorkProps) {
  const [found, setFound] = useState<UpgradesFound | null>(null)
  const [error, setError] = useState<string | null>(null)
  const { view } = bench.state
  const compare = async () => {
    bench.setAtDialog(true)
    const answer = await actions.compareUpgrades({ trayId: view.tray.id }).catch(() => null)
    setError(answer === null ? AWAY : answer.ok ? null : Object.values(answer.errors).join(' '))
    if (answer?.ok) setFound(answer)
    else bench.setAtDialog(false)
  }
  return (
    <>
      <Button variant="text" onClick={() => void compare()} sx={{ mt: 0.5 }}>
        Compare upgrades
      </Button>
      <WorkError text={error} />
      {found && (
        <UpgradesDialog
          found={found}
          policy={view.policy}
          onChoose={bench.chooseOther}
          onClose={() => {
            setFound(null)
            bench.setAtDialog(false)
          }}
        />
      )}
    </>
  )
}
