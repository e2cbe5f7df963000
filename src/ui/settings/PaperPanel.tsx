'use client'
import Typography from '@mui/material/Typography'
import { useState } from 'react'
import { PAPER_FIELDS } from '@/core/records/paperFields'
import type { Calls } from '@/services/actions'
import type { ShopPaper } from '@/services/shop/shopPaper'
import { RecordForm } from '../forms/RecordForm'

export interface PaperPanelProps {
  readonly paper: ShopPaper
  readonly save: Calls['saveShopPaper']
}

/** What stands at the head of a report, how figures are written on it, what an hour costs. */
export function PaperPanel({ paper, save }: PaperPanelProps) {
  const [kept, setKept] = useState(false)
  return (
    <>
      <RecordForm
        fields={PAPER_FIELDS}
        initial={{ ...paper }}
        submitLabel="Keep the paper"
        onSubmit={async (values) => {
          const answer = await save(values)
          setKept(answer.ok)
          return answer
        }}
      />
      <Typography role="status" sx={{ fontSize: 14, color: 'success.main', minHeight: 22 }}>
        {kept ? 'Kept: the next report looks like that.' : ''}
      </Typography>
    </>
  )
}
